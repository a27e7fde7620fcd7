<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Features\Leave\Props\LeaveRequestProps;
use App\Models\LeaveRequest;
use App\Models\Person;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Leave\LeaveState;
use Moss\Core\Time\Minutes;

/** How requests are shown. */
final class LeaveRows
{
    /**
     * @param  LeaveRequest  $request  with its kind and who decided
     * @param  Day|null  $closed  the last day of the closed period
     */
    public static function of(LeaveRequest $request, Person $owner, Capacity $capacity, ?Day $closed): LeaveRequestProps
    {
        $days = $request->span()->days($capacity, $owner->employment());
        $isFixed = $request->state === LeaveState::Approved && $closed !== null && ! $request->starts_on->isAfter($closed);

        return new LeaveRequestProps(
            $request->id,
            $request->absence_kind_id,
            $request->kind->name,
            $request->starts_on->toString(),
            $request->ends_on->toString(),
            $request->from_midday,
            $request->until_midday,
            array_sum(array_map(static fn (LeaveDay $day): int => $day->halfDays, $days)),
            Minutes::sum(array_map(static fn (LeaveDay $day): Minutes => $day->off, $days))->toInt(),
            $request->note,
            $request->state,
            $request->decidedBy?->name,
            $request->decided_at !== null && $request->decided_by_id === null,
            $request->comment,
            $request->replaces_id !== null && $request->state === LeaveState::Requested,
            $request->state->isOpen() && ! $isFixed,
        );
    }
}
