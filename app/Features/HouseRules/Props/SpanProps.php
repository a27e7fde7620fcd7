<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

/** From when to when somebody worked on a day. */
final readonly class SpanProps
{
    /**
     * @param  string  $starts  as `08:00`
     * @param  string  $ends  as `16:30`; `24:00` is midnight at the end of the day
     * @param  int  $pause  minutes
     */
    public function __construct(public string $date, public string $starts, public string $ends, public int $pause)
    {
    }
}
