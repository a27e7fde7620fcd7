<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Effort\WorkingTime;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Files\Calendar\CalendarEvent;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveState;

/** A person's absences as events of whole days, from the year before to two years ahead. */
final class AbsenceEvents
{
    /** @return list<CalendarEvent> */
    public static function ofPerson(Person $person, Day $today): array
    {
        $days = DayRange::between(Day::of(($today->year() - 1).'-01-01'), Day::of(($today->year() + 2).'-12-31'));
        $capacity = WorkingTime::load()->capacity($person->pattern, $person->calendar_id);
        $requests = array_values(LeaveRequest::query()->with('kind')->where('person_id', $person->id)->where('state', LeaveState::Approved)
            ->where('ends_on', '>=', $days->first()->toString())->where('starts_on', '<=', $days->last()->toString())->orderBy('starts_on')->get()->all());
        $events = array_map(static fn (LeaveRequest $request): CalendarEvent => new CalendarEvent($request->uid(), $request->kind->name, DayRange::between($request->starts_on, $request->ends_on)), $requests);
        foreach (RecordedAbsences::of($person, $days, $capacity, $requests) as $absence) {
            $events[] = new CalendarEvent('absence-'.$person->code.'-'.$absence->first.'-'.$absence->kind.'@moss-week', $absence->kindName, DayRange::between(Day::of($absence->first), Day::of($absence->last)));
        }

        return $events;
    }
}
