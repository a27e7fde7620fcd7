<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Effort\Restatement;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Holder;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * Who holds tasks, and by how much more has been entered on them than remained. In three queries for any number of people.
 */
final readonly class TasksOver
{
    /** @param  array<int, TaskEffort>  $efforts  by task id, with what people of the teams in question recorded */
    private function __construct(private array $efforts)
    {
    }

    /**
     * @param  list<int>  $tasks
     * @param  list<int>  $people
     * @param  list<int>  $teams
     */
    public static function load(array $tasks, array $people, array $teams): self
    {
        $assignments = self::assignments($tasks);
        $held = array_keys($assignments);
        $who = static fn (Builder $who): Builder => $who->whereIntegerInRaw('people.id', $people)->orWhereIntegerInRaw('people.team_id', $teams);
        $entries = self::entries($held, $who);
        $restatements = self::restatements($held, $who);
        $efforts = [];
        foreach ($assignments as $task => $planned) {
            $efforts[$task] = TaskEffort::of(new PlannedTask('', null, (string) $task, null, null, null, null, $planned), $entries[$task] ?? [], $restatements[$task] ?? []);
        }

        return new self($efforts);
    }

    public function isAssigned(int $task, string $person, ?string $team): bool
    {
        return isset($this->efforts[$task]) && $this->efforts[$task]->task->holderFor($person, $team) !== null;
    }

    /** By how much more is entered than remained, of the holding that the person's time falls on; null without one. */
    public function over(int $task, string $person, ?string $team): ?Minutes
    {
        $effort = $this->efforts[$task] ?? null;
        $holder = $effort?->task->holderFor($person, $team);
        foreach ($effort->holdings ?? [] as $holding) {
            if ($holding->holder->key() === $holder?->key()) {
                return $holding->over();
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, list<Assignment>>
     */
    private static function assignments(array $tasks): array
    {
        // What days hold does not matter for what is over.
        $capacity = new Capacity(WorkPattern::of('8 8 8 8 8 0 0'), HolidayCalendar::empty());
        $query = DB::table('assignments')
            ->leftJoin('people', 'people.id', 'assignments.person_id')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->whereIntegerInRaw('assignments.task_id', $tasks)
            ->select('assignments.task_id', 'people.code AS person', 'teams.code AS team', 'assignments.planned_minutes', 'assignments.starts_on', 'assignments.ends_on');
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $person = $record->stringOrNull('person');
            $byTask[$record->int('task_id')][] = new Assignment(
                $person === null ? Holder::team($record->string('team')) : Holder::person($person),
                null,
                Minutes::of($record->int('planned_minutes')),
                DayRange::between(Day::of($record->string('starts_on')), Day::of($record->string('ends_on'))),
                $capacity,
            );
        }

        return $byTask;
    }

    /**
     * @param  list<int>  $tasks
     * @param  callable(Builder): Builder  $who
     * @return array<int, list<Entry>> one for each person and day with its sum
     */
    private static function entries(array $tasks, callable $who): array
    {
        $query = DB::table('entries')->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIntegerInRaw('entries.task_id', $tasks)->where($who(...))
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'entries.date')->selectRaw('sum(entries.minutes) AS minutes')
            ->groupBy('entries.task_id', 'people.id', 'entries.date');
        $byTask = [];
        foreach (Record::each($query) as $record) {
            $byTask[$record->int('task_id')][] = new Entry(
                $record->string('person'), $record->stringOrNull('team'), null, Day::of($record->string('date')), Minutes::of($record->int('minutes')), EntryState::Draft,
            );
        }

        return $byTask;
    }

    /**
     * @param  list<int>  $tasks
     * @param  callable(Builder): Builder  $who
     * @return array<int, list<Restatement>>
     */
    private static function restatements(array $tasks, callable $who): array
    {
        $query = DB::table('restatements')->join('people', 'people.id', 'restatements.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIntegerInRaw('restatements.task_id', $tasks)->where($who(...))
            ->select('restatements.task_id', 'people.code AS person', 'teams.code AS team', 'restatements.stated_on', 'restatements.remaining_minutes', 'restatements.done')
            ->orderBy('restatements.id');
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new Restatement(
                $record->string('person'), $record->stringOrNull('team'), Day::of($record->string('stated_on')), Minutes::of($record->int('remaining_minutes')), $record->bool('done'),
            );
        }

        return $byTask;
    }
}
