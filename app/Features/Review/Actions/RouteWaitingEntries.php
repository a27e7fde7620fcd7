<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Models\Organisation;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;

/**
 * Gives every submitted entry to the approver whose turn it is, after managers, routes or entries have changed.
 */
final class RouteWaitingEntries
{
    public function handle(): void
    {
        $default = Organisation::query()->sole()->approval;
        $waiting = DB::table('entries')
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'entries.person_id')
            ->where('entries.state', 'submitted')
            ->select('entries.id', 'entries.person_id', 'entries.approvals', 'entries.approver_id', 'projects.approval')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id');
        $rerouted = [];
        foreach (Record::each($waiting) as $entry) {
            $route = ApprovalRoute::of(
                RouteKind::tryFrom($entry->stringOrNull('approval') ?? '') ?? $default,
                $entry->string('person_id'),
                $entry->stringOrNull('project_manager_id'),
                $entry->stringOrNull('line_manager_id'),
            );
            $approver = $route->stepAfter($entry->int('approvals'))?->approver;
            if ($approver !== $entry->stringOrNull('approver_id')) {
                $rerouted[$approver ?? ''][] = $entry->int('id');
            }
        }
        foreach ($rerouted as $approver => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                DB::table('entries')->whereIn('id', $chunk)->update(['approver_id' => $approver === '' ? null : $approver]);
            }
        }
    }
}
