<?php

declare(strict_types=1);

namespace App\Support\Database;

use App\Support\Database\Schema\StrictSqliteGrammar;
use Illuminate\Database\SQLiteConnection;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * A connection whose migrations make STRICT tables, and whose queries take the core's values as models store them.
 */
final class StrictSqliteConnection extends SQLiteConnection
{
    /**
     * @param  array<array-key, mixed>  $bindings
     * @return array<array-key, mixed>
     */
    public function prepareBindings(array $bindings): array
    {
        return parent::prepareBindings(array_map(static fn (mixed $value): mixed => match (true) {
            $value instanceof Day, $value instanceof Week => $value->toString(),
            $value instanceof Minutes => $value->toInt(),
            $value instanceof Money => $value->cents(),
            default => $value,
        }, $bindings));
    }

    protected function getDefaultQueryGrammar(): SqliteQueryGrammar
    {
        return new SqliteQueryGrammar($this);
    }

    protected function getDefaultSchemaGrammar(): StrictSqliteGrammar
    {
        return new StrictSqliteGrammar($this);
    }
}
