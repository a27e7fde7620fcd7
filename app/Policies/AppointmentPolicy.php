<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Appointment;
use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** Appointments are nobody's business but their person's. */
final class AppointmentPolicy
{
    public function place(Person $person, Appointment $appointment): Response
    {
        return $person->id === $appointment->person_id && ! $person->isViewer() ? Response::allow() : Response::denyAsNotFound();
    }
}
