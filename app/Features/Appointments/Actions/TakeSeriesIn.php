<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Models\Appointment;
use App\Models\LeftOutSeries;
use App\Models\Person;
use App\Models\Stretch;
use Illuminate\Support\Facades\DB;

/** Pencils again what was left out for good. */
final readonly class TakeSeriesIn
{
    public function __construct(private PencilAppointments $pencil)
    {
    }

    public function handle(Person $person, LeftOutSeries $series): void
    {
        DB::transaction(function () use ($person, $series): void {
            $series->delete();
            $ids = Appointment::query()->where('person_id', $person->id)->where('series', $series->series)->where('is_left_out', false)
                ->whereNotExists(Stretch::query()->whereColumn('stretches.appointment_id', 'appointments.id')->toBase())->pluck('id')->all();
            $this->pencil->handle($person, array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids)));
        });
    }
}
