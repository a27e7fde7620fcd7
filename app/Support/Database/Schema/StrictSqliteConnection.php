<?php

declare(strict_types=1);

namespace App\Support\Database\Schema;

use Illuminate\Database\SQLiteConnection;

/**
 * A connection whose migrations make STRICT tables.
 */
final class StrictSqliteConnection extends SQLiteConnection
{
    protected function getDefaultSchemaGrammar(): StrictSqliteGrammar
    {
        return new StrictSqliteGrammar($this);
    }
}
