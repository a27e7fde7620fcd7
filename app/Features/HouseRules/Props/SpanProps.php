<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

/** From when to when somebody worked on a day. */
final readonly class SpanProps
{
    /**
     * @param  string  $starts  as `08:00`
     * @param  string  $ends  as `16:30`; `24:00` is midnight at the end of the day, and an earlier time than the start is of the next day
     * @param  string  $breaks  as `12:00-12:30, 15:00-15:10`, or minutes
     * @param  int  $minutes  that are left
     */
    public function __construct(public string $date, public string $starts, public string $ends, public string $breaks, public int $minutes)
    {
    }
}
