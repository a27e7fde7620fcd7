<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedTask;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/**
 * Rules on the task on which time is entered.
 */
final readonly class TaskRules
{
    /** A project task is assigned neither to the person nor to their team. */
    public static function notAssigned(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::NotAssigned, Severity::Blocking, static fn (CheckedEntry $entry): ?array => ! $entry->task->isAssigned && ! $entry->task->isInternal ? [] : null);
    }

    /** The task was done before the day, or its project is closed. */
    public static function closed(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::TaskClosed, Severity::Blocking, static fn (CheckedEntry $entry): ?array => $entry->task->isClosed
            || ($entry->task->doneOn !== null && $entry->day->isAfter($entry->task->doneOn)) ? [] : null);
    }

    /** The day is before the task starts. */
    public static function notStarted(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::TaskNotStarted, Severity::Information, static fn (CheckedEntry $entry): ?array => $entry->task->startsOn !== null
            && $entry->day->isBefore($entry->task->startsOn) ? ['starts' => $entry->task->startsOn] : null);
    }

    /** The day is after the task was to end. */
    public static function ended(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::TaskEnded, Severity::Information, static fn (CheckedEntry $entry): ?array => $entry->task->endsOn !== null
            && $entry->day->isAfter($entry->task->endsOn) ? ['ended' => $entry->task->endsOn] : null);
    }

    /** More is entered on a project task than remained of it, by more than the limit. */
    public static function moreThanRemained(): HouseRule
    {
        return HouseRule::onTask(RuleCode::MoreThanRemained, Severity::NeedsExplanation, static fn (CheckedTask $task, Limit $limit): ?array => ! $task->isInternal
            && $task->over !== null && $task->over->isMoreThan($limit->minutes()) ? ['over' => $task->over] : null, new LimitRange(LimitUnit::Minutes, 0, 60000, 0));
    }

    /** All that is entered on the project costs more than its budget. */
    public static function overBudget(): HouseRule
    {
        return HouseRule::onTask(RuleCode::OverBudget, Severity::Information, static fn (CheckedTask $task): ?array => $task->budgetIsSpent ? [] : null);
    }
}
