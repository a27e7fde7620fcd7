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

    /** @param  list<KindChange>  $changes */
    public function of(array $changes): void
    {
        $today = $this->today->in('UTC')->toString();
        $tasks = [];
        foreach ($changes as $change) {
            foreach ($change->kind->table() === 'assignments' ? $change->inserts : [] as $assignment) {
                if ($assignment['person_id'] !== null && (string) $assignment['ends_on'] >= $today) {
                    $tasks[(int) $assignment['person_id']][(int) $assignment['task_id']] = true;
                }
            }
        }
        $this->notices->of($tasks);
    }
}
