<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Illuminate\Database\Query\Builder;

/** What a line is called: its task, project, phase and role. */
final class LineNames
{
    /** Joins and selects the names; the query must have joined tasks. */
    public static function join(Builder $query, string $role): void
    {
        $query->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->leftJoin('roles', 'roles.id', $role)
            ->addSelect('tasks.name AS task_name', 'tasks.code AS task_code', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('phases.name AS phase', 'roles.name AS role_name');
    }
}
