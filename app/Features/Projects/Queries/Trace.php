<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\CostedMinutes;
use App\Features\Projects\Props\FigureKind;
use App\Features\Projects\Props\TraceAssigneeProps;
use App\Features\Projects\Props\TraceEntryProps;
use App\Features\Projects\Props\TraceProps;
use App\Features\Remaining\Props\EstimateProps;
use App\Features\Remaining\Queries\RemainingOfTask;
use App\Models\Entry;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\Union;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** Opens a figure down to what it is made of. */
final readonly class Trace
{
    /** Entries shown at once; the sum and the count are of all. */
    private const PAGE = 200;

    public function __construct(private RemainingOfTask $remaining)
    {
    }

    public function of(TraceRequest $asked, ProjectOnDay $onDay, ProjectNames $names, bool $showsMoney): TraceProps
    {
        $efforts = array_filter($onDay->efforts, static fn (TaskEffort $effort): bool => ($asked->task === null || $effort->task->code === $asked->task)
            && ($asked->phase === null || ($effort->task->phase ?? '') === $asked->phase));
        $reasons = $this->reasons(array_keys($efforts));
        $sum = Figures::zero();
        $assignees = [];
        $shown = null;
        foreach ($efforts as $id => $effort) {
            foreach ($onDay->parts[$id] as $part) {
                if ($asked->assignee === null || ProjectNames::inAddress($part->assignee) === $asked->assignee) {
                    $sum = $sum->plus($part->figures);
                    $shown = $names->assignee($part->assignee);
                    $assignees[] = $this->assignee($names->task($id), $shown, $effort, $part, $reasons[$id] ?? [], $names);
                }
            }
            $sum = $asked->assignee === null ? $sum->against($sum->planned->minus($effort->task->overAssigned()), null) : $sum;
        }
        [$entries, $count] = in_array($asked->figure, [FigureKind::Planned, FigureKind::Remaining], true) ? [[], 0] : $this->entries($asked, $efforts, $names, $showsMoney ? $onDay->pricing : null);

        [$expenses, $allExpenses] = $showsMoney && $asked->assignee === null ? TraceExpenses::of($asked->figure, array_keys($efforts)) : [[], 0];

        return new TraceProps(
            $asked->figure,
            self::minutes($asked->figure, $sum),
            $asked->phase,
            $asked->task === null ? null : $names->task(array_key_first($efforts) ?? 0),
            $asked->assignee === null ? null : $shown ?? '',
            $assignees,
            $this->history($asked, $efforts),
            $entries,
            $count,
            $expenses,
            $allExpenses,
        );
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @return list<EstimateProps>
     */
    private function history(TraceRequest $asked, array $efforts): array
    {
        $task = array_key_first($efforts);

        return $task === null || $asked->task === null || ! in_array($asked->figure, [FigureKind::Remaining, FigureKind::Forecast, FigureKind::Variance], true)
            ? []
            : $this->remaining->historyOf(Task::query()->findOrFail($task));
    }

    private static function minutes(FigureKind $figure, Figures $sum): int
    {
        return (match ($figure) {
            FigureKind::Planned => $sum->planned,
            FigureKind::Actual => $sum->actual,
            FigureKind::Pending => $sum->pending,
            FigureKind::Remaining => $sum->remaining,
            FigureKind::Forecast => $sum->forecast(),
            FigureKind::Variance => $sum->variance(),
        })->toInt();
    }

    /** @param  array<string, string>  $reasons  by person and day */
    private function assignee(string $task, string $name, TaskEffort $effort, AssigneeFigures $part, array $reasons, ProjectNames $names): TraceAssigneeProps
    {
        $latest = null;
        foreach ($effort->assigneeEfforts as $assigneeEffort) {
            if ($assigneeEffort->assignee == $part->assignee) {
                $latest = $assigneeEffort->latestEstimate();
            }
        }

        return new TraceAssigneeProps(
            $task,
            $name,
            $part->figures->planned->toInt(),
            $part->figures->entered()->toInt(),
            $part->figures->remaining->toInt(),
            $latest?->on->toString(),
            $latest === null ? null : $names->person($latest->person),
            $latest?->remaining->toInt(),
            $latest->done ?? false,
            $latest === null ? '' : $reasons[$latest->person.' '.$latest->on->toString()] ?? '',
        );
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, array<string, string>> reasons of estimates by task id, then by person and day
     */
    private function reasons(array $tasks): array
    {
        $query = RemainingEstimate::query()->toBase()->join('people', 'people.id', 'remaining_estimates.person_id')
            ->whereIn('remaining_estimates.task_id', $tasks)
            ->select('remaining_estimates.task_id', 'people.code', 'remaining_estimates.estimated_on', 'remaining_estimates.reason');
        $reasons = [];
        foreach (Record::all($query) as $record) {
            $reasons[$record->int('task_id')][$record->string('code').' '.$record->string('estimated_on')] = $record->string('reason');
        }

        return $reasons;
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @param  Pricing|null  $pricing  null where costs are not shown
     * @return array{list<TraceEntryProps>, int} the newest, at most a page of them, and how many there are
     */
    private function entries(TraceRequest $asked, array $efforts, ProjectNames $names, ?Pricing $pricing): array
    {
        $query = Entry::query()->toBase()
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->whereIn('entries.task_id', array_keys($efforts))
            ->when(str_starts_with($asked->assignee ?? '', 'person:'), static fn (Builder $own) => $own->where('people.code', mb_substr($asked->assignee ?? '', 7)))
            ->select('entries.task_id', 'people.code', 'people.name', 'teams.code AS team', 'entries.date', 'entries.minutes', 'entries.state', 'entries.note', 'entries.corrects', 'roles.code AS role')->selectSub(CostedMinutes::beside(), 'costed')
            ->orderByDesc('entries.date')->orderBy('people.name')->orderBy('entries.id');
        // Unless it is asked for one assignee's, the database finds the newest and counts the rest.
        $counted = $asked->assignee === null ? self::narrowToNewest($query, $asked->figure, array_keys($efforts)) : null;
        [$entries, $count, $assignees, $days] = [[], 0, [], []];
        foreach (Record::each($query) as $record) {
            $state = EntryState::from($record->string('state'));
            $date = $record->string('date');
            $person = $record->int('task_id').' '.$record->string('code');
            // Many are of the same few days.
            [$day, $week] = $days[$date] ??= [Day::of($date), Week::containing(Day::of($date))->toString()];
            $assignees[$person] ??= ProjectNames::inAddress($efforts[$record->int('task_id')]->task->assigneeFor($record->string('code'), $record->stringOrNull('team')));
            if (($asked->assignee === null || $assignees[$person] === $asked->assignee) && self::belongs($asked->figure, $state) && ++$count <= self::PAGE) {
                $entries[] = new TraceEntryProps(
                    $date,
                    $week,
                    $record->string('code'),
                    $record->string('name'),
                    $names->task($record->int('task_id')),
                    $record->int('minutes'),
                    $state,
                    $record->string('note'),
                    $record->stringOrNull('corrects'),
                    $pricing === null ? null : self::cost($record, $day, $pricing),
                );
            }
        }

        return [$entries, $counted ?? $count];
    }

    /**
     * Leaves only the newest entries of a figure.
     *
     * @param  list<int>  $tasks
     * @return int how many there are in all
     */
    private static function narrowToNewest(Builder $query, FigureKind $figure, array $tasks): int
    {
        $all = Entry::query()->toBase()->whereIn('entries.task_id', $tasks);
        $entries = self::ofFigure(clone $all, $figure);
        // The day of the last that fits is found without looking up whose each is.
        $day = (clone $entries)->orderByDesc('entries.date')->offset(self::PAGE - 1)->limit(1)->value('date');
        self::ofFigure($query, $figure)->when(is_string($day), static fn (Builder $newest): Builder => $newest->where('entries.date', '>=', $day))->limit(self::PAGE);
        $unsettled = self::firstUnsettled();
        if ($unsettled === null) {
            return $entries->count();
        }
        // Those before are all settled: they are counted without looking up what each is.
        $before = self::belongs($figure, EntryState::Settled) ? $all->where('entries.date', '<', $unsettled)->count() : 0;

        return $before + $entries->where('entries.date', '>=', $unsettled)->count();
    }

    /** The first day of any entry that is not settled, whoever's it is; null where there is none. */
    private static function firstUnsettled(): ?string
    {
        $days = array_map(static fn (EntryState $state): Builder => ByIndex::of('entries', 'entries_unsettled')
            ->where('state', Sql::value($state->value))->where('state', '<>', Sql::value(EntryState::Settled->value))->select(Sql::min('date', 'first')), EntryState::unsettled());
        $first = DB::query()->fromSub(Union::of($days), 'days')->min('first');

        return is_string($first) ? $first : null;
    }

    private static function cost(Record $entry, Day $day, Pricing $pricing): ?string
    {
        $cost = $pricing->cost($entry->string('code'), $entry->stringOrNull('role'), $day, Minutes::of($entry->int('minutes')), $entry->intOrNull('costed'));

        return $cost->unrated->isZero() ? $cost->known->toString() : null;
    }

    private static function ofFigure(Builder $entries, FigureKind $figure): Builder
    {
        $states = array_filter(EntryState::cases(), static fn (EntryState $state): bool => self::belongs($figure, $state));

        return $entries->whereIn('entries.state', array_values(array_map(static fn (EntryState $state): string => $state->value, $states)));
    }

    private static function belongs(FigureKind $figure, EntryState $state): bool
    {
        return match ($figure) {
            FigureKind::Actual => $state->isActual(),
            FigureKind::Pending => ! $state->isActual(),
            default => true,
        };
    }
}
