<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

/** What tasks like one that is planned came to, in minutes. */
final readonly class PastPlanProps
{
    /**
     * @param  string  $words  that they share
     * @param  int  $usual  by the median
     * @param  int  $least  four of five lie from here
     * @param  int  $most  to here
     */
    public function __construct(public string $words, public SpreadProps $spread, public int $usual, public int $least, public int $most)
    {
    }
}
