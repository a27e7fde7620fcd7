<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Features\Week\Queries\RecordableTasks;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Person;
use App\Models\Role;
use App\Models\Stretch;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;

/** Pencils an appointment on the task that its person chose, where none could be guessed. */
final readonly class PlaceAppointment
{
    public function __construct(private RecordableTasks $tasks, private Today $today)
    {
    }

    /** @throws CalendarRefused */
    public function handle(Person $person, Appointment $appointment, int $task, ?int $role): void
    {
        DB::transaction(function () use ($person, $appointment, $task, $role): void {
            $refusal = $role !== null && ! Role::query()->whereKey($role)->exists()
                ? Wording::refusal('cell.no_role')
                : $this->tasks->refusal($person, $this->tasks->byId($person, [$task])[$task] ?? null, $this->today->for($person));
            if ($refusal !== null) {
                throw CalendarRefused::saying($refusal, 'task');
            }
            if (Stretch::query()->where('appointment_id', $appointment->id)->exists()) {
                return;
            }
            $notesTitle = AppointmentCalendar::query()->whereKey($appointment->appointment_calendar_id)->where('notes_titles', true)->exists();
            Stretch::query()->insert(PencilAppointments::stretches($person, $appointment, [$task, $role], '', $notesTitle, isChosen: true));
        });
    }
}
