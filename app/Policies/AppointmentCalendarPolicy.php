<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\AppointmentCalendar;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** Calendars are nobody's business but their person's. */
final class AppointmentCalendarPolicy
{
    public function change(Person $person, AppointmentCalendar $calendar): Response
    {
        return $person->id === $calendar->person_id && ! $person->isViewer() ? Response::allow() : Response::denyAsNotFound();
    }
}
