<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Features\Leave\Props\LeaveRequestProps;
use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\HalfDays;
use Moss\Core\Leave\LeaveState;
use Moss\Core\Time\Minutes;

/** Absences that nobody asked for here, such as those of a file; days of a kind that follow each other are one. */
final class RecordedAbsences
{
    /**
     * @param  list<LeaveRequest>  $requests  of the same days, with their kinds
     * @return list<LeaveRequestProps>
     */
    public static function of(Person $person, DayRange $days, Capacity $capacity, array $requests): array
    {
        $approved = array_filter($requests, static fn (LeaveRequest $request): bool => $request->state === LeaveState::Approved);
        $ids = AbsenceKind::query()->toBase()->pluck('id', 'name')->all();
        $stretches = [];
        foreach (Record::all(Absence::during($days)->where('absences.person_id', $person->id)) as $absence) {
            $day = Day::of($absence->string('date'));
            $kind = $absence->string('kind');
            if (array_filter($approved, static fn (LeaveRequest $request): bool => $request->kind->name === $kind && $request->span()->days->includes($day)) !== []) {
                continue;
            }
            $minutes = $absence->intOrNull('minutes');
            $one = ['first' => $day, 'last' => $day, 'minutes' => min($minutes ?? 1440, $capacity->on($day)->toInt()), 'halfDays' => HalfDays::of($capacity, $day, $minutes === null ? null : Minutes::of($minutes))];
            $last = array_key_last($stretches[$kind] ?? []);
            if ($last !== null && self::follows($stretches[$kind][$last]['last'], $day, $capacity)) {
                $before = $stretches[$kind][$last];
                $one = ['first' => $before['first'], 'last' => $day, 'minutes' => $before['minutes'] + $one['minutes'], 'halfDays' => $before['halfDays'] + $one['halfDays']];
                $stretches[$kind][$last] = $one;
            } else {
                $stretches[$kind][] = $one;
            }
        }
        $rows = [];
        foreach ($stretches as $kind => $ofKind) {
            foreach ($ofKind as $one) {
                $id = $ids[$kind] ?? 0;
                $rows[] = new LeaveRequestProps(null, is_int($id) ? $id : 0, (string) $kind, $one['first']->toString(), $one['last']->toString(), false, false, $one['halfDays'], $one['minutes'], '', null, null, false, '', false, false);
            }
        }

        return $rows;
    }

    /** Whether there is no working day between two days. */
    private static function follows(Day $one, Day $other, Capacity $capacity): bool
    {
        for ($day = $one->plusDays(1); $day->isBefore($other); $day = $day->plusDays(1)) {
            if (! $capacity->on($day)->isZero()) {
                return false;
            }
        }

        return true;
    }
}
