<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

/** How long a message that was not received waits before it is tried again: each time twice as long, at most two hours, for a day. */
final class RetryPauses
{
    private const FIRST = 15;

    private const LONGEST = 7200;

    private const DAY = 86_400;

    /**
     * @param  int  $attempts  how often it has been tried, from 1
     * @param  int  $since  seconds since it was first tried
     * @return int|null seconds; null where it is given up
     */
    public static function after(int $attempts, int $since): ?int
    {
        // Past this power of two the longest pause has long been reached.
        $pause = min(self::LONGEST, self::FIRST << min($attempts - 1, 20));

        return $since + $pause > self::DAY ? null : $pause;
    }
}
