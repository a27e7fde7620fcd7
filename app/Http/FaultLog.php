<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/** Logs a query that failed without the values in it, which people typed. */
final class FaultLog
{
    public static function write(QueryException $fault): void
    {
        Log::error('A query failed: '.self::reason($fault), [
            'code' => (string) $fault->getCode(),
            'query' => $fault->getSql(),
            'at' => $fault->getFile().':'.$fault->getLine(),
            'trace' => explode("\n", $fault->getTraceAsString()),
        ]);
    }

    /** What the database says of it, up to anything quoted. */
    private static function reason(QueryException $fault): string
    {
        return (string) preg_replace('/[\'"].*$/s', '…', $fault->getPrevious()?->getMessage() ?? '');
    }
}
