<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use App\Features\Remaining\Props\EstimateProps;

/** What one figure is made of. */
final readonly class TraceProps
{
    /**
     * @param  string|null  $phase  the name of the phase, where the figure is one's; empty for what is in none
     * @param  string|null  $task  the name of the task, where the figure is one's
     * @param  string|null  $assignee  the name of the assignee, where the figure is one's
     * @param  list<TraceAssigneeProps>  $assignees
     * @param  list<EstimateProps>  $history  the estimates of the task, the latest first; only with what follows from it
     * @param  list<TraceEntryProps>  $entries  newest first, at most as many as a page holds
     * @param  int  $allEntries  how many there are in all
     * @param  list<TraceExpenseProps>  $expenses  newest first; none for one assignee, on whom they do not fall, and for those who may not see money
     * @param  int  $allExpenses  how many there are in all
     */
    public function __construct(
        public FigureKind $figure,
        public int $minutes,
        public ?string $phase,
        public ?string $task,
        public ?string $assignee,
        public array $assignees,
        public array $history,
        public array $entries,
        public int $allEntries,
        public array $expenses,
        public int $allExpenses,
    ) {
    }
}
