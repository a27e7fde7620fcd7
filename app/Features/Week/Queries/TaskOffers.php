<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\RoleProps;
use App\Features\Week\Props\TaskOffersProps;
use App\Models\Person;
use App\Models\Role;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\FoundTask;

/** The tasks that a line can be added for, the recent ones first. */
final readonly class TaskOffers
{
    private const MOST = 30;

    public function __construct(private RecordableTasks $tasks)
    {
    }

    /** @param  list<string>  $words */
    public function of(Person $owner, Week $week, array $words): TaskOffersProps
    {
        $known = KnownTasks::of($owner, $week, $this->tasks);
        $found = array_map(static fn (FoundTask $task): int => $task->task->id, $known->search()->find($words));
        $roles = Role::query()->orderBy('name')->get();

        return new TaskOffersProps(
            array_map(static fn (int $id) => $known->offers[$id], array_slice($found, 0, self::MOST)),
            max(0, count($found) - self::MOST),
            array_values($roles->map(static fn (Role $role): RoleProps => new RoleProps($role->id, $role->name))->all()),
        );
    }
}
