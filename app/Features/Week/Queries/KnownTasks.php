<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\TaskGroup;
use App\Features\Week\Props\TaskOfferProps;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\KnownTask;
use Moss\Core\QuickLine\TaskSearch;

/** The tasks that a person may record on in a week, for the search of lines and the quick line. In three queries. */
final readonly class KnownTasks
{
    /** How far back work counts as recent, in weeks. */
    private const RECENT = 6;

    /**
     * @param  array<int, TaskOfferProps>  $offers  by task id
     * @param  list<KnownTask>  $known
     */
    private function __construct(public array $offers, public array $known)
    {
    }

    public static function of(Person $owner, Week $week, RecordableTasks $tasks): self
    {
        $recent = self::recent($owner, $week);
        $roles = self::roles($owner);
        $offers = [];
        $known = [];
        foreach ($tasks->openOn($owner, $week->monday()) as $task) {
            $id = $task->id;
            $group = self::group($task, $recent, $week);
            $offers[$id] = self::offer($task, $roles[$id] ?? null, $group);
            $order = array_search($group, TaskGroup::cases(), true);
            // Recent ones by how long ago, before everything else.
            $rank = $group === TaskGroup::Recent ? $recent[$id] : 10_000 * (int) $order;
            $known[] = new KnownTask($id, $task->project, $task->projectName, $task->code, $task->name, $task->chargeCode, $rank);
        }

        return new self($offers, $known);
    }

    public function search(): TaskSearch
    {
        return new TaskSearch($this->known);
    }

    /** @param  array<int, int>  $recent */
    private static function group(RecordableTask $task, array $recent, Week $week): TaskGroup
    {
        return match (true) {
            isset($recent[$task->id]) => TaskGroup::Recent,
            $task->assigned === null => TaskGroup::NonProject,
            $task->assignedFrom?->isAfter($week->sunday()) === true => TaskGroup::Later,
            $task->assigned === 'own' => TaskGroup::Mine,
            default => TaskGroup::Team,
        };
    }

    private static function offer(RecordableTask $task, ?LineRow $role, TaskGroup $group): TaskOfferProps
    {
        return new TaskOfferProps(
            $task->id,
            $role?->roleId,
            LineKey::of($task->id, $role?->roleId),
            $task->name,
            $task->code,
            $task->project,
            $task->projectName,
            $task->chargeCode,
            $role?->roleName,
            $group,
        );
    }

    /** @return array<int, int> by task, how many days before the end of the week it was last worked on */
    private static function recent(Person $owner, Week $week): array
    {
        $days = [];
        $query = Entry::query()->toBase()->where('person_id', $owner->id)
            ->whereBetween('date', [$week->plusWeeks(-self::RECENT)->monday()->toString(), $week->sunday()->toString()])
            ->groupBy('task_id')->select('task_id')->addSelect(Sql::max('date', 'date'));
        foreach (Record::all($query) as $record) {
            $days[$record->int('task_id')] = Day::of($record->string('date'))->daysUntil($week->sunday());
        }

        return $days;
    }

    /** @return array<int, LineRow> by task, with the role of the person's assignment, else of their team's; of several, the first */
    private static function roles(Person $owner): array
    {
        $query = Assignment::query()->toBase()->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->where(AssignmentsOf::person($owner))
            ->select('assignments.task_id', 'assignments.role_id', 'roles.code AS role', 'roles.name AS role_name')
            ->orderBy(Sql::isNull('assignments.person_id'))->orderBy('assignments.starts_on')->orderBy('assignments.id');
        $roles = [];
        foreach (Rows::of(LineRow::class, $query) as $line) {
            $roles[$line->taskId] ??= $line;
        }

        return $roles;
    }
}
