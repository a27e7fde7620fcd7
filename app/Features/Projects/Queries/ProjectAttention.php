<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\CostedMinutes;
use App\Features\NotSubmitted\Queries\TimesheetOwner;
use App\Features\NotSubmitted\Queries\TimesheetSubmissions;
use App\Features\Projects\Props\AttentionProps;
use App\Lookup\Props\OptionProps;
use App\Models\Assignment;
use App\Models\Entry as EntryModel;
use App\Models\Person;
use App\Models\ProjectForecast;
use App\Models\ProjectState;
use App\Models\Task;
use App\Sheet\TimesheetSetting;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Attention\AttentionItem;
use Moss\Core\Attention\AttentionKind;
use Moss\Core\Attention\AttentionList;
use Moss\Core\Attention\Pace;
use Moss\Core\Attention\WatchedTask;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Money\Money;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What of a project asks for attention, the heaviest first; in a fixed number of queries. */
final class ProjectAttention
{
    /** Days over which the pace of spending is taken. */
    private const PACE = 28;

    /** @return list<AttentionProps> */
    public function of(ProjectOnDay $onDay, ProjectNames $names, bool $showsMoney): array
    {
        $last = $this->lastRecorded($onDay->project->id);
        $watched = [];
        foreach ($onDay->efforts as $id => $effort) {
            $watched[] = new WatchedTask($id, $effort, $onDay->figures[$id], isset($last[$id]) ? Day::of($last[$id]) : null);
        }
        $remarks = AttentionList::of(
            $onDay->whole,
            $watched,
            new Pace($this->spentLately($onDay), self::PACE),
            $this->late($onDay),
            $onDay->today,
            $onDay->lastPlannedDay(),
            $this->overSince($onDay),
            $onDay->project->state === ProjectState::Open,
        );
        $isMoney = static fn (AttentionItem $remark): bool => in_array($remark->kind, [AttentionKind::OverBudget, AttentionKind::BudgetGoing], true);

        return array_values(array_map(
            static fn (AttentionItem $remark): AttentionProps => self::props($remark, $onDay, $names),
            array_filter($remarks, static fn (AttentionItem $remark): bool => $showsMoney || ! $isMoney($remark)),
        ));
    }

    private static function props(AttentionItem $remark, ProjectOnDay $onDay, ProjectNames $names): AttentionProps
    {
        return new AttentionProps(
            $remark->kind,
            array_map(static fn (int $id): OptionProps => new OptionProps($onDay->efforts[$id]->task->code, $names->task($id)), $remark->tasks),
            $remark->more,
            array_map(static fn (string $code): OptionProps => new OptionProps($code, $names->person($code)), $remark->people),
            $remark->minutes?->toInt(),
            $remark->money?->toString(),
            $remark->day?->toString(),
            ($remark->kind === AttentionKind::EstimateRaised && $remark->day !== null ? Week::containing($remark->day) : Week::containing($onDay->today)->plusWeeks(-1))->toString(),
        );
    }

    /** @return array<int, string> the last day with an entry by task id */
    private function lastRecorded(int $project): array
    {
        $days = [];
        $latest = EntryModel::query()->toBase()->whereColumn('entries.task_id', 'tasks.id')->addSelect(Sql::max('entries.date'));
        foreach (Record::all(Task::query()->toBase()->where('project_id', $project)->select('id')->selectSub($latest, 'date')) as $task) {
            $date = $task->stringOrNull('date');
            if ($date !== null) {
                $days[$task->int('id')] = $date;
            }
        }

        return $days;
    }

    private function spentLately(ProjectOnDay $onDay): Money
    {
        if ($onDay->whole->budget === null) {
            return Money::zero();
        }
        $query = EntryModel::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->where('tasks.project_id', $onDay->project->id)
            ->whereBetween('entries.date', [$onDay->today->plusDays(1 - self::PACE)->toString(), $onDay->today->toString()])
            ->select('people.code AS person', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state')
            ->selectSub(CostedMinutes::beside(), 'costed');
        $spent = Money::zero();
        foreach (Record::each($query) as $one) {
            $entry = new Entry($one->string('person'), null, $one->stringOrNull('role'), Day::of($one->string('date')), Minutes::of($one->int('minutes')), EntryState::from($one->string('state')), $one->intOrNull('costed'));
            $spent = $spent->plus(RecordedEffort::priced($entry, $onDay->pricing)->cost->known);
        }

        return $spent;
    }

    /**
     * Who was planned on unfinished tasks last week and has not submitted that week, once it was due.
     *
     * @return list<string> codes
     */
    private function late(ProjectOnDay $onDay): array
    {
        $week = Week::containing($onDay->today)->plusWeeks(-1);
        $due = TimesheetSubmission::dueOn($week->days(), max(0, $onDay->working->organisation()->week_due));
        if (! $onDay->today->isAfter($due)) {
            return [];
        }
        $planned = Assignment::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id')
            ->where('tasks.project_id', $onDay->project->id)->whereNull('tasks.done_on')->whereNotNull('assignments.person_id')
            ->where('assignments.starts_on', '<=', $week->sunday()->toString())->where('assignments.ends_on', '>=', $week->monday()->toString())
            ->select('assignments.person_id');
        $people = Person::query()->whereIn('id', $planned)->where('access', '<>', 'viewer')->with('team:id,timesheet_period,counted_in')->orderBy('name')->get();
        $people = array_values($people->all());
        if ($people === []) {
            return [];
        }
        $submissions = TimesheetSubmissions::load(array_map(TimesheetOwner::of(...), $people), [$week]);

        return array_values(array_map(
            static fn (Person $person): string => $person->code,
            array_filter($people, static function (Person $person) use ($submissions, $week): bool {
                $timesheet = TimesheetSetting::of($person)->endingIn($week);

                return $timesheet !== null && ! $submissions->of($person->id, $timesheet)->isDone();
            }),
        ));
    }

    /** The end of the first week since which the forecast has been above today's plan without a break. */
    private function overSince(ProjectOnDay $onDay): ?Day
    {
        $planned = $onDay->whole->planned->toInt();
        $changes = Record::all(ProjectForecast::query()->toBase()->where('project_id', $onDay->project->id)
            ->where(static fn (Builder $week): Builder => $week->where('week_end', '')->orWhere('week_end', '<=', Week::containing($onDay->today)->sunday()->toString()))
            ->select('week_end', 'change_minutes')->orderBy('week_end'));
        [$forecast, $since] = [0, null];
        foreach ($changes as $change) {
            $forecast += $change->int('change_minutes');
            $since = $forecast > $planned ? $since ?? $change->string('week_end') : null;
        }

        return $since === null || $since === '' ? null : Day::of($since);
    }
}
