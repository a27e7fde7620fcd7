<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Entry;
use Illuminate\Database\Query\Builder;

/** Entries with what their route is made of. */
final class EntryRoute
{
    /** Rows of `RoutedEntry`; a caller adds what else it needs. */
    public static function entries(): Builder
    {
        return Entry::query()->toBase()
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'entries.person_id')
            ->select('entries.id', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state')
            ->addSelect('entries.version', 'entries.approvals', 'entries.approver_id', 'entries.last_decided_by_id', 'tasks.project_id', 'projects.approval')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id');
    }
}
