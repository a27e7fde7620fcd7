<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\MessageKind;
use App\Models\Task;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Database\Record;
use App\Support\Language\Wording;

/** Tells people which tasks have been assigned to them, in one message each. */
final readonly class AssignedNotices
{
    private const MOST_NAMES = 5;

    public function __construct(private NotifyPeople $notify)
    {
    }

    /** @param  array<int, array<int, true>>  $tasks  by person, then by task */
    public function of(array $tasks): void
    {
        $names = [];
        $projects = [];
        $ids = array_unique(array_merge(...array_map(array_keys(...), array_values($tasks))));
        foreach ($ids === [] ? [] : Record::all(Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->select('tasks.id', 'tasks.name', 'projects.name AS project')->whereIntegerInRaw('tasks.id', $ids)) as $task) {
            $names[$task->int('id')] = $task->string('name');
            $projects[$task->int('id')] = $task->string('project');
        }
        $this->notify->of(array_map(static fn (int $person, array $assigned): Notice => new Notice($person, MessageKind::Assigned, 'assigned '.implode(' ', array_keys($assigned)), [
            'count' => count($assigned),
            'tasks' => self::listed(array_intersect_key($names, $assigned), $projects),
        ], '/week'), array_keys($tasks), array_values($tasks)));
    }

    /**
     * The first of them, each with its project: many projects have tasks of one name.
     *
     * @param  array<int, string>  $names  by task
     * @param  array<int, string>  $projects  by task
     */
    private static function listed(array $names, array $projects): string
    {
        $byProject = [];
        foreach (array_slice($names, 0, self::MOST_NAMES, true) as $task => $name) {
            $byProject[$projects[$task] ?? ''][] = $name;
        }
        $shown = implode('; ', array_map(
            static fn (array $ofProject, string $project): string => Wording::of('messages.of_project', ['tasks' => implode(', ', $ofProject), 'project' => $project]),
            $byProject, array_map(strval(...), array_keys($byProject)),
        ));

        return count($names) <= self::MOST_NAMES ? $shown : str_replace(':names', $shown, Wording::choice('messages.and_more', count($names) - self::MOST_NAMES));
    }
}
