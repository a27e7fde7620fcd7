<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Grammars\SQLiteGrammar;

/** Quotes names without making collections of their parts: a page has hundreds of names. */
final class SqliteQueryGrammar extends SQLiteGrammar
{
    /** @param  list<string>  $segments */
    protected function wrapSegments($segments): string
    {
        if (count($segments) > 1) {
            $segments[0] = $this->connection->getTablePrefix().$segments[0];
        }

        return implode('.', array_map($this->wrapValue(...), $segments));
    }
}
