<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\HandingOver\Queries\HandedOver;
use App\Features\Office\Props\NamedProps;
use App\Features\Projects\Props\AttentionProps;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Attention\AttentionKind;
use Moss\Core\Attention\AttentionList;
use Moss\Core\Attention\Pace;
use Moss\Core\Attention\Remark;
use Moss\Core\Attention\WatchedTask;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Money\Money;
use Moss\Core\Review\HandOver;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What of a project asks for attention, the heaviest first; in a fixed number of queries. */
final class ProjectAttention
{
    /** Days over which the pace of spending is taken. */
    private const PACE = 28;

    /** @return list<AttentionProps> */
    public function of(Standing $standing, ProjectNames $names, bool $showsMoney): array
    {
        $last = $this->lastRecorded($standing->project->id);
        $watched = [];
        foreach ($standing->efforts as $id => $effort) {
            $watched[] = new WatchedTask($id, $effort, $standing->figures[$id], isset($last[$id]) ? Day::of($last[$id]) : null);
        }
        $remarks = AttentionList::of(
            $standing->whole,
            $watched,
            new Pace($this->spentLately($standing), self::PACE),
            $this->late($standing),
            $standing->today,
            $standing->lastPlannedDay(),
            $this->overSince($standing),
            $standing->project->state === 'open',
        );
        $isMoney = static fn (Remark $remark): bool => in_array($remark->kind, [AttentionKind::OverBudget, AttentionKind::BudgetGoing], true);

        return array_values(array_map(
            static fn (Remark $remark): AttentionProps => self::props($remark, $standing, $names),
            array_filter($remarks, static fn (Remark $remark): bool => $showsMoney || ! $isMoney($remark)),
        ));
    }

    private static function props(Remark $remark, Standing $standing, ProjectNames $names): AttentionProps
    {
        return new AttentionProps(
            $remark->kind,
            array_map(static fn (int $id): NamedProps => new NamedProps($standing->efforts[$id]->task->code, $names->task($id)), $remark->tasks),
            $remark->more,
            array_map(static fn (string $code): NamedProps => new NamedProps($code, $names->person($code)), $remark->people),
            $remark->minutes?->toInt(),
            $remark->money?->toString(),
            $remark->day?->toString(),
            ($remark->kind === AttentionKind::RestatedUp && $remark->day !== null ? Week::containing($remark->day) : Week::containing($standing->today)->plusWeeks(-1))->toString(),
        );
    }

    /** @return array<int, string> the last day with an entry by task id */
    private function lastRecorded(int $project): array
    {
        $days = [];
        $latest = DB::table('entries')->whereColumn('entries.task_id', 'tasks.id')->selectRaw('max(entries.date)');
        foreach (Record::all(DB::table('tasks')->where('project_id', $project)->select('id')->selectSub($latest, 'date')) as $task) {
            $date = $task->stringOrNull('date');
            if ($date !== null) {
                $days[$task->int('id')] = $date;
            }
        }

        return $days;
    }

    private function spentLately(Standing $standing): Money
    {
        if ($standing->whole->budget === null) {
            return Money::zero();
        }
        $query = DB::table('entries')->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->where('tasks.project_id', $standing->project->id)
            ->whereBetween('entries.date', [$standing->today->plusDays(1 - self::PACE)->toString(), $standing->today->toString()])
            ->select('people.code AS person', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state');
        $spent = Money::zero();
        foreach (Record::each($query) as $one) {
            $entry = new Entry($one->string('person'), null, $one->stringOrNull('role'), Day::of($one->string('date')), Minutes::of($one->int('minutes')), EntryState::from($one->string('state')));
            $spent = $spent->plus(RecordedEffort::priced($entry, $standing->pricing)->cost->known);
        }

        return $spent;
    }

    /**
     * Who was planned on unfinished tasks last week and has not handed that week over, once it was due.
     *
     * @return list<string> codes
     */
    private function late(Standing $standing): array
    {
        $week = Week::containing($standing->today)->plusWeeks(-1);
        $due = HandOver::dueOn($week, max(0, $standing->working->organisation()->week_due));
        if (! $standing->today->isAfter($due)) {
            return [];
        }
        $planned = DB::table('assignments')->join('tasks', 'tasks.id', 'assignments.task_id')
            ->where('tasks.project_id', $standing->project->id)->whereNull('tasks.done_on')->whereNotNull('assignments.person_id')
            ->where('assignments.starts_on', '<=', $week->sunday()->toString())->where('assignments.ends_on', '>=', $week->monday()->toString())
            ->select('assignments.person_id');
        $people = Person::query()->whereIn('id', $planned)->where('access', '<>', 'viewer')->orderBy('name')->get();
        $people = array_values($people->all());
        if ($people === []) {
            return [];
        }
        $handed = HandedOver::load($people, [$week]);

        return array_values(array_map(
            static fn (Person $person): string => $person->code,
            array_filter($people, static fn (Person $person): bool => ! $handed->of($person, $week)->isDone()),
        ));
    }

    /** The end of the first week since which the forecast has been above today's plan without a break. */
    private function overSince(Standing $standing): ?Day
    {
        $planned = $standing->whole->planned->toInt();
        $changes = Record::all(DB::table('project_forecasts')->where('project_id', $standing->project->id)
            ->where(static fn (Builder $week): Builder => $week->where('week_end', '')->orWhere('week_end', '<=', Week::containing($standing->today)->sunday()->toString()))
            ->select('week_end', 'change_minutes')->orderBy('week_end'));
        [$forecast, $since] = [0, null];
        foreach ($changes as $change) {
            $forecast += $change->int('change_minutes');
            $since = $forecast > $planned ? $since ?? $change->string('week_end') : null;
        }

        return $since === null || $since === '' ? null : Day::of($since);
    }
}
