<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

use App\Effort\EffortScope;
use App\Effort\EstimateReader;
use App\Features\Learning\Props\PastEstimateProps;
use App\Features\Learning\Props\PastGroupProps;
use App\Features\Learning\Props\PastTaskProps;
use App\Features\Learning\Props\PastTasksProps;
use App\Features\Learning\Props\SpreadProps;
use App\Models\Person;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Learning\PastCase;
use Moss\Core\Learning\PastSpread;
use Moss\Core\Learning\TaskWords;

/** What finished tasks came to, by person, role, word, manager or client; silent of groups with too few of them. */
final class PastGroups
{
    private const MOST = 60;

    /** Tasks of an opened group that are shown. */
    private const MOST_TASKS = 100;

    /** @param  string|null  $opened  name of a group */
    public static function of(Person $reader, PastGrouping $by, ?string $opened = null): PastTasksProps
    {
        // How somebody's work turned out is for the office and for who manages it.
        $of = $reader->isOffice() ? null : $reader;
        $tasks = in_array($by, [PastGrouping::Person, PastGrouping::Role], true) ? PastTasks::ofPeople($of) : PastTasks::whole($of);
        $cases = [];
        foreach ($tasks as $task) {
            foreach (self::groupsOf($task, $by) as $group) {
                $cases[$group][] = $task->case;
            }
        }
        $spreads = array_filter(array_map(static fn (array $of): ?PastSpread => PastSpread::of($of), $cases), static fn (?PastSpread $spread): bool => $spread !== null);
        uksort($spreads, static fn (int|string $one, int|string $other): int => [self::distance($spreads[$other]), (string) $one] <=> [self::distance($spreads[$one]), (string) $other]);
        $whole = PastSpread::of(array_map(static fn (PastTask $task): PastCase => $task->case, $tasks));
        $groups = [];
        foreach (array_slice($spreads, 0, self::MOST, true) as $name => $spread) {
            $groups[] = new PastGroupProps((string) $name, SpreadProps::of($spread));
        }

        return new PastTasksProps(
            $by, count($tasks), $whole === null ? null : SpreadProps::of($whole), $groups, count($cases) - count($spreads), PastSpread::FEWEST,
            $opened !== null && isset($spreads[$opened]) ? $opened : null,
            $opened !== null && isset($spreads[$opened]) ? self::tasks(array_values(array_filter($tasks, static fn (PastTask $task): bool => in_array($opened, self::groupsOf($task, $by), true)))) : [],
        );
    }

    /**
     * @param  list<PastTask>  $tasks
     * @return list<PastTaskProps>
     */
    private static function tasks(array $tasks): array
    {
        usort($tasks, static fn (PastTask $one, PastTask $other): int => $other->case->ratio()->compareTo($one->case->ratio()) ?: $one->id <=> $other->id);
        $shown = array_slice($tasks, 0, self::MOST_TASKS);
        $estimates = EstimateReader::of(EffortScope::tasks(array_values(array_unique(array_map(static fn (PastTask $task): int => $task->id, $shown)))));

        return array_map(static fn (PastTask $task): PastTaskProps => new PastTaskProps(
            $task->project, $task->name, $task->person, $task->case->planned->toInt(),
            array_values(array_map(
                static fn (RemainingEstimate $estimate): PastEstimateProps => new PastEstimateProps($estimate->on->toString(), $estimate->remaining->toInt()),
                array_filter($estimates[$task->id] ?? [], static fn (RemainingEstimate $estimate): bool => ! $estimate->done),
            )),
            $task->case->cameTo->toInt(), (string) $task->case->ratio()->toScale(2, RoundingMode::HALF_UP),
        ), $shown);
    }

    /** @return list<string> */
    private static function groupsOf(PastTask $task, PastGrouping $by): array
    {
        return match ($by) {
            PastGrouping::Word => TaskWords::of($task->name),
            PastGrouping::Person => [$task->person ?? ''],
            PastGrouping::Role => $task->role === null ? [] : [$task->role],
            PastGrouping::Manager => [$task->manager],
            PastGrouping::Client => $task->client === null ? [] : [$task->client],
        };
    }

    /** How far from the plan the middle is, in hundredths. */
    private static function distance(PastSpread $spread): int
    {
        return $spread->median->minus(BigDecimal::one())->abs()->toScale(2)->getUnscaledValue()->toInt();
    }
}
