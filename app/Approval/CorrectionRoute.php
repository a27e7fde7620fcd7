<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Correction;
use Illuminate\Database\Query\Builder;

/** Corrections that wait, with what their route is made of: that of the entry they correct. */
final class CorrectionRoute
{
    /** Rows of `RoutedEntry`, each in the turn of whoever decides on the correction; a caller says which. */
    public static function waiting(): Builder
    {
        return Correction::query()->waiting()->toBase()
            ->join('entries', 'entries.id', 'corrections.entry_id')
            ->join('tasks', 'tasks.id', 'corrections.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'corrections.person_id')
            ->select('corrections.id', 'corrections.person_id', 'corrections.task_id', 'corrections.role_id', 'corrections.date', 'corrections.minutes', 'corrections.approver_id')
            ->addSelect('entries.state', 'entries.version', 'entries.approvals', 'entries.last_decided_by_id', 'tasks.project_id', 'projects.approval')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id');
    }
}
