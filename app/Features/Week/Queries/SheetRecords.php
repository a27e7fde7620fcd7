<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Assignment;
use App\Models\AuditTrailRow;
use App\Models\ChargeCodePart;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\OwnField;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\RemainingEstimate;
use App\Models\SheetChoice;
use App\Models\Stretch;
use App\Models\Task;
use App\OwnFields\OwnFieldValues;
use App\Pay\ChosenPay;
use App\Pay\KindsOfPay;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\PastWeeks;

/** Everything that a person's week is made of: recorded, assigned and chosen. In seven queries. */
final readonly class SheetRecords
{
    /**
     * @param  list<InkedEntry>  $entries  of the week, with all that a cell shows
     * @param  list<PastSum>  $history  sums by day, line and state of the weeks around
     * @param  list<ChosenLine>  $choices  lines added and removed, and pencil rubbed out
     * @param  list<StretchRow>  $stretches  time by the clock, in the order of days and starts
     * @param  list<AssignedLine>  $assignments  of the person and their team, on tasks that are assigned in the week or were worked on
     * @param  list<TrackedRow>  $tracked  what was logged in a task tracker and waits in pencil
     * @param  array<int, SheetTask>  $tasks  by id, every one that the others speak of
     * @param  Week  $lastFull  the last week that is over before both the week and today
     */
    private function __construct(
        public Week $week,
        public Week $lastFull,
        public array $entries,
        public array $history,
        public array $choices,
        public array $stretches,
        public array $assignments,
        public array $tracked,
        public array $tasks,
    ) {
    }

    public static function load(Person $owner, Week $week, Day $today): self
    {
        $thisWeek = Week::containing($today);
        $lastFull = ($week->monday()->isBefore($thisWeek->monday()) ? $week : $thisWeek)->plusWeeks(-1);
        $entries = self::entries($owner, $week);
        $history = self::history($owner, $week, $lastFull);
        $choices = self::choices($owner, $week);
        $stretches = self::stretches($owner, $week);
        $past = self::ids($history, static fn (InkedEntry|PastSum|ChosenLine|StretchRow|AssignedLine $row): bool => $row instanceof PastSum && $row->date->isBefore($week->monday()));
        $tracked = TrackedTime::of($owner, $week);
        $assignments = self::assignments($owner, $week, [...$past, ...array_values(array_filter(array_map(static fn (TrackedRow $row): int => $row->taskId ?? 0, $tracked)))]);

        return new self($week, $lastFull, $entries, $history, $choices, $stretches, $assignments, $tracked, self::tasks(self::ids([...$entries, ...$history, ...$choices, ...$stretches, ...$assignments])));
    }

    /** Only what is on projects that somebody manages. */
    public function ofProjectsManagedBy(Person $manager): self
    {
        $isTheirs = fn (InkedEntry|PastSum|StretchRow|AssignedLine $row): bool => $this->tasks[$row->line->taskId]->projectManagerId === $manager->id;

        return new self(
            $this->week,
            $this->lastFull,
            array_values(array_filter($this->entries, $isTheirs)),
            array_values(array_filter($this->history, $isTheirs)),
            [],
            array_values(array_filter($this->stretches, static fn (StretchRow $row): bool => $row->isInked && $isTheirs($row))),
            array_values(array_filter($this->assignments, $isTheirs)),
            [],
            $this->tasks,
        );
    }

    /** @return list<TotalledEntry> the entries of the week */
    public function totalled(): array
    {
        return array_map(fn (InkedEntry $entry): TotalledEntry => new TotalledEntry(
            $entry->line->taskId, $entry->line->roleId, $this->tasks[$entry->line->taskId]->project, $entry->date, $entry->minutes, $entry->state,
        ), $this->entries);
    }

    /** The line that an entry, assignment or choice is about. */
    public function lineOf(LineRow $line): Line
    {
        $task = $this->tasks[$line->taskId];

        return new Line($task->project, $task->code, $line->role);
    }

    /** @return list<InkedEntry> */
    private static function entries(Person $owner, Week $week): array
    {
        $recordedAt = AuditTrailRow::query()->toBase()->select(Sql::max('audit_trail.at'))
            ->whereColumn('audit_trail.person_id', 'entries.person_id')->whereColumn('audit_trail.date', 'entries.date')
            ->whereColumn('audit_trail.task_id', 'entries.task_id')->whereIn('audit_trail.act', ['ink', 'change'])
            ->whereRaw("json_extract(audit_trail.after, '$.role') IS entries.role_id");
        $query = Entry::query()->inWeek($week)->toBase()
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'entries.approver_id')
            ->leftJoin('people AS recorders', 'recorders.id', 'entries.recorded_by_id')
            // Nobody has the number 0; of none, everybody would be looked at for each entry.
            ->leftJoin('people AS line_managers', static fn (JoinClause $join): JoinClause => $join->where('line_managers.id', $owner->manager_id ?? 0))
            ->leftJoin('corrections', static fn (JoinClause $join): JoinClause => $join->on('corrections.entry_id', 'entries.id')->where('corrections.state', 'waiting'))
            ->leftJoin('people AS correctors', 'correctors.id', 'corrections.approver_id')
            ->where('entries.person_id', $owner->id)
            ->select('entries.task_id', 'entries.role_id', 'roles.code AS role', 'roles.name AS role_name', 'entries.date', 'entries.minutes')
            ->addSelect('corrections.id AS correction', 'corrections.minutes AS corrected', 'corrections.reason', 'correctors.name AS corrector')
            ->selectSub(self::declined(), 'declined')
            ->addSelect('entries.version', 'entries.state', 'entries.note', 'entries.client_note', 'entries.billable', 'entries.return_comment', 'entries.person_id', 'entries.approvals')
            ->addSelect('line_managers.id AS line_manager_id', 'line_managers.name AS line_manager')
            ->addSelect('entries.corrects', 'approvers.name AS approver', 'recorders.name AS recorder', 'entries.recorded_by_id', 'entries.charge_code')
            ->selectSub(OwnFieldValues::beside(FieldSubject::Entry, 'entries.id'), 'fields')->selectSub(ChosenPay::beside('entries.id'), 'chosen_pay')
            ->selectSub($recordedAt, 'recorded_at');

        return Rows::of(InkedEntry::class, $query);
    }

    /** The comment with which the latest correction of an entry was declined, if any. */
    private static function declined(): Builder
    {
        return Correction::query()->from('corrections', 'latest')->toBase()->selectRaw("CASE latest.state WHEN 'declined' THEN latest.comment END")
            ->whereColumn('latest.entry_id', 'entries.id')->orderByDesc('latest.id')->limit(1);
    }

    /** @return list<PastSum> */
    private static function history(Person $owner, Week $week, Week $lastFull): array
    {
        $ribbon = Ribbon::days($week);
        $days = DayRange::between(Day::earlier($ribbon->first(), $lastFull->plusWeeks(1 - PastWeeks::USUAL)->monday()), $ribbon->last());
        $query = Entry::query()->toBase()
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()])
            ->select('entries.date', 'entries.task_id', 'entries.role_id', 'roles.code AS role', 'roles.name AS role_name', 'entries.state')
            ->addSelect(Sql::sum('entries.minutes', 'minutes'))
            ->groupBy('entries.date', 'entries.task_id', 'entries.role_id', 'entries.state');

        return Rows::of(PastSum::class, $query);
    }

    /** @return list<ChosenLine> */
    private static function choices(Person $owner, Week $week): array
    {
        return Rows::of(ChosenLine::class, SheetChoice::query()->toBase()
            ->leftJoin('roles', 'roles.id', 'sheet_choices.role_id')
            ->where('sheet_choices.person_id', $owner->id)->where('sheet_choices.week', $week->toString())
            ->select('sheet_choices.task_id', 'sheet_choices.role_id', 'roles.code AS role', 'roles.name AS role_name', 'sheet_choices.date', 'sheet_choices.choice'));
    }

    /**
     * @param  list<int>  $past  ids of tasks
     * @return list<AssignedLine>
     */
    private static function assignments(Person $owner, Week $week, array $past): array
    {
        $mine = AssignmentsOf::person($owner);
        $inWeek = Assignment::query()->toBase()->select('assignments.task_id')->where($mine)
            ->where('assignments.starts_on', '<=', $week->sunday()->toString())
            ->where('assignments.ends_on', '>=', $week->monday()->toString());

        return Rows::of(AssignedLine::class, Assignment::query()->toBase()
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->where($mine)
            ->where(static fn (Builder $task): Builder => $task->whereIn('assignments.task_id', $inWeek)->orWhereIn('assignments.task_id', $past))
            ->select('assignments.task_id', 'assignments.role_id', 'assignments.person_id', 'assignments.starts_on', 'assignments.ends_on')
            ->addSelect('teams.code AS team', 'roles.code AS role', 'roles.name AS role_name')
            ->selectRaw('coalesce(('.self::saidDone($owner)->toRawSql().'), 0) AS said_done')
            ->selectSub(self::asked($owner), 'asked')
            ->orderBy('assignments.task_id')->orderBy('assignments.starts_on')->orderBy('assignments.id'));
    }

    /** @return list<StretchRow> */
    private static function stretches(Person $owner, Week $week): array
    {
        return Rows::of(StretchRow::class, Stretch::query()->inWeek($week)->toBase()->leftJoin('roles', 'roles.id', 'stretches.role_id')
            ->leftJoin('appointments', 'appointments.id', 'stretches.appointment_id')
            ->where('stretches.person_id', $owner->id)
            ->select('stretches.task_id', 'stretches.role_id', 'roles.code AS role', 'roles.name AS role_name', 'stretches.id', 'stretches.date')
            ->addSelect('stretches.starts_at', 'stretches.ends_at', 'stretches.is_inked', 'stretches.source', 'stretches.note', 'stretches.version')
            ->addSelect('stretches.appointment_id', 'appointments.title', 'appointments.is_private', 'stretches.why', 'stretches.billable')
            ->orderBy('stretches.date')->orderBy('stretches.starts_at')->orderBy('stretches.ends_at')->orderBy('stretches.id'));
    }

    /** Whether the person has marked the task of an assignment as done. */
    private static function saidDone(Person $owner): Builder
    {
        return RemainingEstimate::query()->toBase()->select('remaining_estimates.done')
            ->whereColumn('remaining_estimates.task_id', 'assignments.task_id')->where('remaining_estimates.person_id', $owner->id)
            ->orderByDesc('remaining_estimates.estimated_on')->orderByDesc('remaining_estimates.id')->limit(1);
    }

    /** The person's estimate for the task of an assignment, while it is waiting for the project manager. */
    private static function asked(Person $owner): Builder
    {
        return ProposedEstimate::query()->waiting()->toBase()->select('proposed_estimates.remaining_minutes')
            ->whereColumn('proposed_estimates.task_id', 'assignments.task_id')->where('proposed_estimates.person_id', $owner->id);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, SheetTask>
     */
    private static function tasks(array $ids): array
    {
        $query = Task::query()->toBase()
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people AS project_managers', 'project_managers.id', 'projects.manager_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->whereIntegerInRaw('tasks.id', $ids)
            ->select('tasks.id', 'tasks.name', 'tasks.code', 'tasks.done_on', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('projects.state AS project_state', 'projects.internal', 'phases.name AS phase')
            ->addSelect('projects.approval', 'projects.manager_id AS project_manager_id', 'project_managers.name AS project_manager')
            ->addSelect('tasks.charge_code', 'clients.code AS client')
            ->selectSub(ChargeCodePart::query()->toBase()->whereColumn('charge_code_parts.client_id', 'projects.client_id')->select(Sql::exists()), 'composes_charge_codes')
            ->selectSub(OwnField::query()->toBase()->where('subject', FieldSubject::Entry)->select(Sql::exists()), 'has_own_fields')
            ->selectSub(KindsOfPay::exist(), 'has_kinds_of_pay')
            ->addSelect(Sql::first(['tasks.billable', 'projects.billable'], 'billable'));
        $tasks = [];
        foreach (Rows::of(SheetTask::class, $query) as $task) {
            $tasks[$task->id] = $task;
        }

        return $tasks;
    }

    /**
     * @param  list<InkedEntry|PastSum|ChosenLine|StretchRow|AssignedLine>  $rows
     * @param  (callable(InkedEntry|PastSum|ChosenLine|StretchRow|AssignedLine): bool)|null  $which
     * @return list<int> task ids, each once
     */
    private static function ids(array $rows, ?callable $which = null): array
    {
        $ids = [];
        foreach ($rows as $row) {
            if ($which === null || $which($row)) {
                $ids[$row->line->taskId] = true;
            }
        }

        return array_keys($ids);
    }
}
