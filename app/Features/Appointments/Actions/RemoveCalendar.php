<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Stretch;
use Illuminate\Support\Facades\DB;

/** Removes a calendar with all that is pencilled of it; what was inked stays. */
final readonly class RemoveCalendar
{
    public function handle(AppointmentCalendar $calendar): void
    {
        DB::transaction(static function () use ($calendar): void {
            $ids = Appointment::query()->where('appointment_calendar_id', $calendar->id)->pluck('id')->all();
            foreach (array_chunk($ids, 500) as $part) {
                Stretch::query()->whereIn('appointment_id', $part)->where('is_inked', false)->delete();
                Stretch::query()->whereIn('appointment_id', $part)->update(['appointment_id' => null]);
            }
            $calendar->delete();
        });
    }
}
