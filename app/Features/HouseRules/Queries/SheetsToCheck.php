<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Effort\WorkingTime;
use App\Models\Absence as AbsenceModel;
use App\Models\ChargeCodePart;
use App\Models\DaySpan;
use App\Models\Entry;
use App\Models\Person;
use App\Models\ProjectState;
use App\Models\Team;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Closure;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\Attendance;
use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\CheckedTask;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\Time\Minutes;

/** Sheets of any number of people as the house rules look at them, in a fixed number of queries. */
final readonly class SheetsToCheck
{
    /**
     * @param  array<int, string>  $teams  codes by id
     * @param  array<int, list<Absence>>  $absences  by person
     * @param  array<int, array<string, string>>  $kinds  of absence, by person and day
     * @param  array<int, array<string, Attendance>>  $attendance  by person and day
     * @param  array<int, list<EntryToCheck>>  $entries  by person
     * @param  array<int, true>  $spentBudgets  by project
     */
    private function __construct(
        private WorkingTime $working,
        private array $teams,
        private array $absences,
        private array $kinds,
        private array $attendance,
        private array $entries,
        private TasksOver $over,
        private array $spentBudgets,
        private OwnFieldList $fields,
    ) {
    }

    /** @param  list<Person>  $people */
    public static function load(array $people, DayRange $days): self
    {
        $ids = array_map(static fn (Person $person): int => $person->id, $people);
        $teams = array_values(array_unique(array_filter(array_map(static fn (Person $person): ?int => $person->team_id, $people))));
        $entries = self::entries($ids, $days);
        $tasks = array_values(array_unique(array_map(static fn (EntryToCheck $entry): int => $entry->taskId, $entries)));
        $projects = array_values(array_unique(array_map(static fn (EntryToCheck $entry): int => $entry->projectId, $entries)));
        [$absences, $kinds] = self::absences($ids, $days);
        $byPerson = [];
        foreach ($entries as $entry) {
            $byPerson[$entry->personId][] = $entry;
        }
        $codes = [];
        foreach (Record::all(Team::query()->toBase()->select('id', 'code')->whereIntegerInRaw('id', $teams)) as $team) {
            $codes[$team->int('id')] = $team->string('code');
        }

        return new self(WorkingTime::load(), $codes, $absences, $kinds, self::attendance($ids, $days), $byPerson, TasksOver::load($tasks, $ids, $teams), SpentBudgets::among($projects), $entries === [] ? OwnFieldList::none() : OwnFieldList::of(FieldSubject::Entry));
    }

    /**
     * @param  bool  $isWhole  whether the whole week is being submitted
     * @param  Closure(EntryToCheck): bool  $inQuestion  which entries are to be checked
     */
    public function sheet(Person $owner, Week $week, Day $today, bool $isWhole, Closure $inQuestion): CheckedSheet
    {
        $capacity = $this->working->capacity($owner->pattern, $owner->calendar_id);
        $team = $owner->team_id === null ? null : $this->teams[$owner->team_id];

        return new CheckedSheet(
            $week,
            $today,
            $team,
            $isWhole,
            ExpectedHours::of($capacity, $owner->employment(), $this->absences[$owner->id] ?? []),
            $this->working->holidays($owner->calendar_id),
            $this->kinds[$owner->id] ?? [],
            $this->working->organisation()->entry_step,
            $this->attendance[$owner->id] ?? [],
            array_map(fn (EntryToCheck $entry): CheckedEntry => $this->entry($entry, $owner, $team, $inQuestion), $this->entriesOf($owner, $week)),
        );
    }

    /** @return list<EntryToCheck> */
    public function entriesOf(Person $owner, Week $week): array
    {
        return array_values(array_filter($this->entries[$owner->id] ?? [], static fn (EntryToCheck $entry): bool => ! $entry->date->isBefore($week->monday()) && ! $entry->date->isAfter($week->sunday())));
    }

    /** @param  Closure(EntryToCheck): bool  $inQuestion */
    private function entry(EntryToCheck $entry, Person $owner, ?string $team, Closure $inQuestion): CheckedEntry
    {
        return new CheckedEntry(
            $entry->line(),
            $entry->date,
            $entry->minutes,
            new CheckedTask(
                $entry->internal,
                $entry->projectState === ProjectState::Closed,
                $entry->doneOn,
                $entry->startsOn,
                $entry->endsOn,
                $this->over->isAssigned($entry->taskId, $owner->code, $team),
                $this->over->over($entry->taskId, $owner->code, $team),
                isset($this->spentBudgets[$entry->projectId]),
            ),
            // What was posted to correct settled time was decided when it was.
            $entry->corrects === null && $inQuestion($entry),
            $entry->isBillable,
            $entry->note,
            $entry->clientNote,
            $entry->recorder,
            $this->missingFields($entry, $team),
            $entry->composesChargeCodes && $entry->chargeCode === null,
        );
    }

    /** @return list<string> names of required own fields that hold nothing */
    private function missingFields(EntryToCheck $entry, ?string $team): array
    {
        $required = array_filter($this->fields->asked($entry->date, $team, $entry->client)->fields(), static fn (OwnField $field): bool => $field->isRequired);
        $held = $required === [] ? [] : OwnFieldValues::read($entry->fields);

        return array_values(array_map(static fn (OwnField $field): string => $field->name, array_filter($required, static fn (OwnField $field): bool => ! isset($held[$field->code]))));
    }

    /**
     * @param  list<int>  $people
     * @return list<EntryToCheck>
     */
    private static function entries(array $people, DayRange $days): array
    {
        return Rows::of(EntryToCheck::class, Entry::query()->toBase()
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->leftJoin('people AS recorders', static fn (JoinClause $join): JoinClause => $join
                ->on('recorders.id', 'entries.recorded_by_id')->whereColumn('recorders.id', '<>', 'entries.person_id'))
            ->whereIntegerInRaw('entries.person_id', $people)
            ->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()])
            ->select('entries.id', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state', 'entries.note', 'entries.client_note', 'entries.corrects')
            ->addSelect('tasks.code AS task', 'tasks.project_id', 'tasks.done_on', 'projects.code AS project', 'projects.internal', 'projects.state AS project_state')
            ->addSelect('roles.code AS role', 'recorders.name AS recorder')
            ->addSelect(Sql::first(['tasks.starts_on', 'projects.starts_on'], 'starts_on'), Sql::first(['tasks.ends_on', 'projects.ends_on'], 'ends_on'))
            ->addSelect(Sql::first(['entries.billable', 'tasks.billable', 'projects.billable'], 'is_billable'))
            ->addSelect(Sql::first(['entries.charge_code', 'tasks.charge_code'], 'charge_code'), 'clients.code AS client')
            ->selectSub(ChargeCodePart::query()->toBase()->whereColumn('charge_code_parts.client_id', 'projects.client_id')->select(Sql::exists()), 'composes_charge_codes')
            ->selectSub(OwnFieldValues::beside(FieldSubject::Entry, 'entries.id'), 'fields')
            ->orderBy('entries.date')->orderBy('entries.id'));
    }

    /**
     * @param  list<int>  $people
     * @return array{array<int, list<Absence>>, array<int, array<string, string>>}
     */
    private static function absences(array $people, DayRange $days): array
    {
        $absences = [];
        $kinds = [];
        foreach (Record::all(AbsenceModel::during($days)->whereIntegerInRaw('absences.person_id', $people)) as $record) {
            $minutes = $record->intOrNull('minutes');
            $absences[$record->int('person_id')][] = new Absence(Day::of($record->string('date')), $minutes === null ? null : Minutes::of($minutes));
            $kinds[$record->int('person_id')][$record->string('date')] ??= $record->string('kind');
        }

        return [$absences, $kinds];
    }

    /**
     * Also of the day before, since which somebody must have rested.
     *
     * @param  list<int>  $people
     * @return array<int, array<string, Attendance>>
     */
    private static function attendance(array $people, DayRange $days): array
    {
        $attendance = [];
        foreach (DaySpan::query()->whereIntegerInRaw('person_id', $people)->whereBetween('date', [$days->first()->plusDays(-1)->toString(), $days->last()->toString()])->get() as $span) {
            $attendance[$span->person_id][$span->date->toString()] = $span->attendance();
        }

        return $attendance;
    }
}
