<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Figures;
use Moss\Core\Time\Minutes;

/**
 * What asks for attention on a project, the heaviest first.
 */
final readonly class AttentionList
{
    /** Tasks named in one remark. */
    private const NAMED = 3;

    /**
     * @param  Figures  $project  of the whole
     * @param  list<WatchedTask>  $tasks
     * @param  list<string>  $late  codes of people on it who have not submitted last week
     * @param  Day|null  $lastDay  on which the work ends by the plan
     * @param  Day|null  $overSince  the end of the week since which the forecast has been above the plan
     * @param  bool  $isOpen  whether time may still be recorded; of a closed project only what it came to is remarked on
     * @return list<AttentionItem>
     */
    public static function of(Figures $project, array $tasks, Pace $pace, array $late, Day $today, ?Day $lastDay, ?Day $overSince, bool $isOpen): array
    {
        $remarks = [
            ...self::money($project, $pace, $today, $lastDay),
            ...self::plan($project, $tasks, $overSince),
            ...self::about(AttentionKind::NotUpdated, $tasks, static fn (WatchedTask $task): Minutes => $task->overWithoutEstimate()),
            ...array_merge(...array_map(static fn (WatchedTask $task): array => $task->raised(), $tasks)),
            ...self::about(AttentionKind::NothingLately, $tasks, static fn (WatchedTask $task): Minutes => $task->isQuiet($today) ? $task->figures->remaining : Minutes::zero()),
            ...($late === [] ? [] : [new AttentionItem(AttentionKind::NotSubmitted, [], $late)]),
            ...self::about(AttentionKind::OverAssigned, $tasks, static fn (WatchedTask $task): Minutes => $task->effort->task->ownPlanned === null ? Minutes::zero() : $task->effort->task->overAssigned()),
        ];
        $remarks = array_filter($remarks, static fn (AttentionItem $remark): bool => $isOpen || $remark->kind->outlastsWork());
        usort($remarks, static fn (AttentionItem $one, AttentionItem $other): int => [$one->kind->rank(), -($one->minutes?->toInt() ?? 0)] <=> [$other->kind->rank(), -($other->minutes?->toInt() ?? 0)]);

        return $remarks;
    }

    /** @return list<AttentionItem> */
    private static function money(Figures $project, Pace $pace, Day $today, ?Day $lastDay): array
    {
        $left = $project->budgetLeft();
        if ($left === null) {
            return [];
        }
        if ($left->isNegative()) {
            return [new AttentionItem(AttentionKind::OverBudget, [], [], $project->remaining, $project->actualCost->known->minus($left->plus($project->actualCost->known)))];
        }
        $goneOn = $project->remaining->isZero() ? null : $pace->goneOn($left, $today);

        return $goneOn === null || ($lastDay !== null && $goneOn->isAfter($lastDay)) ? [] : [new AttentionItem(AttentionKind::BudgetGoing, [], [], null, $left, $goneOn)];
    }

    /**
     * @param  list<WatchedTask>  $tasks
     * @return list<AttentionItem>
     */
    private static function plan(Figures $project, array $tasks, ?Day $since): array
    {
        if ($project->variance()->toInt() <= 0) {
            return [];
        }
        $above = self::about(AttentionKind::OverPlan, $tasks, static fn (WatchedTask $task): Minutes => $task->figures->variance()->notBelowZero());

        return [new AttentionItem(AttentionKind::OverPlan, $above[0]->tasks ?? [], [], $project->variance(), null, $since, $above[0]->more ?? 0)];
    }

    /**
     * One remark on all tasks for which there is something, with their sum.
     *
     * @param  list<WatchedTask>  $tasks
     * @param  callable(WatchedTask): Minutes  $howMuch
     * @return list<AttentionItem>
     */
    private static function about(AttentionKind $kind, array $tasks, callable $howMuch): array
    {
        $minutes = [];
        foreach ($tasks as $task) {
            $much = $howMuch($task)->toInt();
            if ($much > 0) {
                $minutes[$task->id] = $much;
            }
        }
        arsort($minutes);

        return $minutes === [] ? [] : [new AttentionItem(
            $kind,
            array_slice(array_keys($minutes), 0, self::NAMED),
            [],
            Minutes::of(array_sum($minutes)),
            more: max(0, count($minutes) - self::NAMED),
        )];
    }
}
