<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\PartRequest;
use App\Api\Resources\Correction as CorrectionResource;
use App\Api\Resources\CorrectionList;
use App\Approval\Waiting;
use App\Models\Correction;
use App\Models\Person;
use Moss\Core\Calendar\Day;

/** Corrections, a part at a time, the oldest first. */
final class CorrectionPages
{
    public static function of(Person $person, PartRequest $request): CorrectionList
    {
        [$ids, $next] = Pages::of(Correction::query()->toBase()->where('person_id', $person->id), 'proposed_at', $request);

        return self::list($ids, $next);
    }

    public static function waiting(Person $approver, Waiting $waiting, Day $today, PartRequest $request): CorrectionList
    {
        [$ids, $next] = Pages::of($waiting->corrections($approver, $today), 'corrections.proposed_at', $request, 'corrections.id');

        return self::list($ids, $next);
    }

    /** @param  list<int>  $ids */
    private static function list(array $ids, ?string $next): CorrectionList
    {
        $found = Correction::query()->with(['person:id,code', 'task:id,code,project_id', 'task.project:id,code', 'role:id,code', 'approver:id,code'])->whereKey($ids)->get()->keyBy('id');

        return new CorrectionList(array_values(array_map(static fn (Correction $one): CorrectionResource => new CorrectionResource(
            $one->id, $one->person->code, $one->task->project->code, $one->task->code, $one->role?->code, $one->date->toString(), $one->minutes_before->toInt(), $one->minutes->toInt(),
            $one->reason, $one->state, $one->approver?->code, $one->proposed_at, $one->comment,
        ), array_filter(array_map($found->get(...), $ids)))), $next);
    }
}
