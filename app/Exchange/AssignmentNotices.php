<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Features\Plan\Actions\AssignedNotices;
use App\Support\Clock\Today;

/** Tells people what has been assigned to them by files; what is over is told nobody. */
final readonly class AssignmentNotices
{
    public function __construct(private AssignedNotices $notices, private Today $today)
    {
    }

    /** @param  array<int, array<int, string>>  $assigned  the last day, by person and task */
    public function of(array $assigned): void
    {
        $today = $this->today->in('UTC')->toString();
        $tasks = [];
        foreach ($assigned as $person => $lastDays) {
            foreach ($lastDays as $task => $lastDay) {
                if ($lastDay >= $today) {
                    $tasks[$person][$task] = true;
                }
            }
        }
        $this->notices->of($tasks);
    }
}
