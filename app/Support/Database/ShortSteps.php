<?php

declare(strict_types=1);

namespace App\Support\Database;

use Closure;
use Illuminate\Support\Facades\DB;

/**
 * Does long work in steps that hold the write lock for a moment only, so that other people save meanwhile. How far it has come
 * is in the database: a step that is interrupted is done again by whoever comes next.
 */
final readonly class ShortSteps
{
    /** Steps go into one transaction until it has taken so long. */
    private const TRANSACTION_NANOSECONDS = 30_000_000;

    /** Between two transactions, so that whoever waits for the lock gets it. */
    private const PAUSE_MICROSECONDS = 2000;

    /**
     * @param  Closure(): bool  $step  does a little, and says whether there may be more
     * @param  int|null  $nanoseconds  after which it stops; null for when all is done
     * @return bool whether all is done
     */
    public static function run(Closure $step, ?int $nanoseconds): bool
    {
        $began = hrtime(true);
        while (DB::transaction(static fn (): bool => self::some($step))) {
            if ($nanoseconds !== null && hrtime(true) - $began > $nanoseconds) {
                return false;
            }
            usleep(self::PAUSE_MICROSECONDS);
        }

        return true;
    }

    /** @param  Closure(): bool  $step */
    private static function some(Closure $step): bool
    {
        $began = hrtime(true);
        do {
            $isMore = $step();
        } while ($isMore && hrtime(true) - $began < self::TRANSACTION_NANOSECONDS);

        return $isMore;
    }
}
