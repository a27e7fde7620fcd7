<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

use Moss\Core\Calendar\Day;

/**
 * Minutes of one entry, before or after it is known what they are paid as.
 */
final readonly class PaidTime
{
    /**
     * @param  int  $id  of the entry
     * @param  int  $minutes  negative for a correction that takes away
     * @param  int  $nightMinutes  how many of them lie in the night by the clock
     * @param  array<string, int>|null  $decided  minutes by kind where that is decided, which add up to its minutes; null while it is not
     * @param  array<string, int>  $chosen  minutes of overtime, double time and premiums that were asked for by hand; 0 for none of a kind
     */
    public function __construct(public int $id, public Day $day, public int $minutes, public int $nightMinutes = 0, public ?array $decided = null, public array $chosen = [])
    {
    }
}
