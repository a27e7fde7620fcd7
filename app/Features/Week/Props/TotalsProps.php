<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** The sums of a week, always as the server has them. */
final readonly class TotalsProps
{
    /**
     * @param  list<int>  $days  seven, Monday first
     * @param  list<int>  $approvedDays  of that, what is approved or settled
     * @param  array<string, int>  $lines  by line key
     * @param  array<string, int>  $projects  by project code
     * @param  array<string, int>  $states  minutes by state
     */
    public function __construct(public int $week, public array $days, public array $approvedDays, public array $lines, public array $projects, public array $states)
    {
    }
}
