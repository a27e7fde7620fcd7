<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Entry;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;

/** The route of an entry, from the columns that a query of entries selects for it. */
final class EntryRoute
{
    /** Entries with what their route is made of; a caller adds what else it needs. */
    public static function entries(): Builder
    {
        return Entry::query()->toBase()
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'entries.person_id')
            ->select('entries.id', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state')
            ->addSelect('entries.version', 'entries.approvals', 'entries.approver_id', 'entries.last_decided_by_id', 'entries.needs_attention', 'tasks.project_id', 'projects.approval')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id');
    }

    /** @param  RouteKind  $default  the organisation's, for projects without one of their own */
    public static function of(Record $entry, RouteKind $default): ApprovalRoute
    {
        return ApprovalRoute::of(
            RouteKind::tryFrom($entry->stringOrNull('approval') ?? '') ?? $default,
            $entry->string('person_id'),
            $entry->stringOrNull('project_manager_id'),
            $entry->stringOrNull('line_manager_id'),
        );
    }
}
