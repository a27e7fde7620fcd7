<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Models\Appointment;
use App\Models\LeftOutSeries;
use App\Models\Person;
use App\Models\Stretch;
use Illuminate\Support\Facades\DB;

/** Leaves an appointment out, once or with its whole series for good; or takes that back. What was inked stays. */
final readonly class LeaveOutAppointment
{
    public function handle(Person $person, Appointment $appointment, bool $forGood): void
    {
        DB::transaction(static function () use ($person, $appointment, $forGood): void {
            $ids = $forGood ? Appointment::query()->where('person_id', $person->id)->where('series', $appointment->series)->pluck('id')->all() : [$appointment->id];
            if ($forGood) {
                LeftOutSeries::query()->firstOrCreate(['person_id' => $person->id, 'series' => $appointment->series], ['title' => $appointment->title]);
            } else {
                $appointment->update(['is_left_out' => true]);
            }
            Stretch::query()->whereIn('appointment_id', $ids)->where('is_inked', false)->delete();
        });
    }
}
