<?php

declare(strict_types=1);

namespace App\Support\Database;

use App\Support\Database\Schema\StrictSqliteGrammar;
use Closure;
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

    /**
     * Does work whose transactions need not be on the disk one by one: a power cut may take back the last of them, in order, and
     * whoever comes next does them again. The next act of anybody takes them to the disk with it.
     *
     * @param  Closure(): void  $work
     */
    public function withoutWaitingForDisk(Closure $work): void
    {
        // Within a transaction the disk is waited for at its end.
        if ($this->transactionLevel() > 0) {
            $work();

            return;
        }
        $before = $this->scalar('PRAGMA synchronous');
        $this->statement('PRAGMA synchronous = normal');
        try {
            $work();
        } finally {
            $this->statement('PRAGMA synchronous = '.(is_int($before) ? $before : 'full'));
        }
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
