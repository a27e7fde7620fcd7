<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Effort\WorkingTime;
use App\Models\Absence;
use App\Models\LeaveRequest;
use Moss\Core\Leave\LeaveDay;

/** Turns approved requests into absences and back, within the transaction of the act. */
final class LeaveAbsences
{
    public static function write(LeaveRequest $request): void
    {
        $person = $request->person;
        $capacity = WorkingTime::load()->capacity($person->pattern, $person->calendar_id);
        Absence::query()->upsert(array_map(static fn (LeaveDay $day): array => [
            'person_id' => $person->id, 'date' => $day->day->toString(), 'absence_kind_id' => $request->absence_kind_id, 'minutes' => $day->minutes?->toInt(),
        ], $request->span()->days($capacity, $person->employment())), ['person_id', 'date', 'absence_kind_id'], ['minutes']);
    }

    public static function remove(LeaveRequest $request): void
    {
        Absence::query()->where('person_id', $request->person_id)->where('absence_kind_id', $request->absence_kind_id)
            ->whereBetween('date', [$request->starts_on->toString(), $request->ends_on->toString()])->delete();
    }
}
