<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Actions;

use App\Features\Week\Queries\RecordableTasks;
use App\Models\FavouriteTask;
use App\Models\Person;
use App\Models\Role;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;

/** Pins a task to the top of a person's list, or unpins it; twice is the same as once. */
final readonly class PinTask
{
    public const MOST = 50;

    public function __construct(private RecordableTasks $tasks, private Today $today)
    {
    }

    /**
     * @return string the name of the task
     *
     * @throws TaskRefused if nothing can be recorded on it, or too many are pinned
     */
    public function handle(Person $person, int $task, ?int $role, bool $isPinned): string
    {
        return DB::transaction(function () use ($person, $task, $role, $isPinned): string {
            $known = $this->tasks->byId($person, [$task])[$task] ?? null;
            $key = ['person_id' => $person->id, 'task_id' => $task, 'role_id' => $role];
            if (! $isPinned) {
                FavouriteTask::query()->where($key)->delete();

                return $known->name ?? '';
            }
            $refusal = match (true) {
                $role !== null && ! Role::query()->whereKey($role)->exists() => Wording::refusal('cell.no_role'),
                FavouriteTask::query()->where('person_id', $person->id)->count() >= self::MOST => Wording::of('tasks.too_many_pinned', ['most' => (string) self::MOST]),
                default => $this->tasks->refusal($person, $known, $this->today->for($person)),
            };
            if ($refusal !== null) {
                throw TaskRefused::saying($refusal);
            }
            FavouriteTask::query()->firstOrCreate($key);

            return $known->name ?? '';
        });
    }
}
