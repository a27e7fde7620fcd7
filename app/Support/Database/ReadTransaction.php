<?php

declare(strict_types=1);

namespace App\Support\Database;

use Closure;
use Illuminate\Support\Facades\DB;

/** Reads the database as it is at one moment, however long the reading takes, and keeps nobody from writing meanwhile. */
final readonly class ReadTransaction
{
    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    public static function run(Closure $read): mixed
    {
        $pdo = DB::connection()->getPdo();
        if ($pdo->inTransaction()) {
            return $read();
        }
        $pdo->exec('BEGIN DEFERRED TRANSACTION');
        try {
            return $read();
        } finally {
            $pdo->exec('COMMIT');
        }
    }
}
