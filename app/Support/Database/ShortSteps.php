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

    /** A page waits so long for what its act set in motion; the rest is done in the background. */
    private const REQUEST_NANOSECONDS = 150_000_000;

    /** More steps than a page waits for at all. */
    private const MOST_OF_REQUEST = 20;

    /** Between two transactions, so that whoever waits for the lock gets it. */
    private const PAUSE_MICROSECONDS = 1000;

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

    /**
     * All of what the database itself says is still to be done, so that steps which a power cut takes back are done again: none
     * waits for the disk.
     *
     * @param  Closure(): bool  $step  as `run` takes it
     */
    public static function finish(Closure $step): void
    {
        $connection = DB::connection();
        $all = static function () use ($step): void {
            self::run($step, null);
        };
        $connection instanceof StrictSqliteConnection ? $connection->withoutWaitingForDisk($all) : $all();
    }

    /**
     * After the act of a page: what is little is done at once, so that the page shows it; of what is much nothing, since the
     * page could not show it anyway.
     *
     * @param  Closure(): bool  $step  as `run` takes it
     * @param  int  $steps  about how many there are
     * @return bool whether all is done
     */
    public static function runForPage(Closure $step, int $steps): bool
    {
        return $steps <= self::MOST_OF_REQUEST && self::run($step, self::REQUEST_NANOSECONDS);
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
