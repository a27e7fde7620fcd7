<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\AssignmentsRequest;
use App\Api\Resources\Assignment as AssignmentResource;
use App\Api\Resources\AssignmentList;
use App\Features\Week\Queries\AssignmentsOf;
use App\Models\Assignment;
use App\Models\Person;
use Illuminate\Database\Query\Builder;

/** What is assigned to a person or their team, a part at a time, by its last day. */
final class AssignmentPages
{
    public static function of(Person $person, AssignmentsRequest $request): AssignmentList
    {
        [$from, $to] = [$request->from(), $request->to()];
        [$ids, $next] = Pages::of(Assignment::query()->toBase()->where(AssignmentsOf::person($person))
            ->when($from !== null, static fn (Builder $days): Builder => $days->where('ends_on', '>=', (string) $from?->toString()))
            ->when($to !== null, static fn (Builder $days): Builder => $days->where('starts_on', '<=', (string) $to?->toString())), 'ends_on', $request);
        $assignments = Assignment::query()->with(['task:id,code,name,project_id', 'task.project:id,code,name', 'role:id,code', 'person:id,code', 'team:id,code'])->whereKey($ids)->get()->keyBy('id');

        return new AssignmentList(array_values(array_filter(array_map(static fn (int $id): ?AssignmentResource => self::resource($assignments->get($id)), $ids))), $next);
    }

    private static function resource(?Assignment $one): ?AssignmentResource
    {
        return $one === null ? null : new AssignmentResource(
            $one->id, $one->task->project->code, $one->task->project->name, $one->task->code, $one->task->name, $one->role?->code, $one->person?->code, $one->team?->code,
            $one->planned_minutes->toInt(), $one->starts_on->toString(), $one->ends_on->toString(),
        );
    }
}
