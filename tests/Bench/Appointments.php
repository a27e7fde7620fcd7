<?php

declare(strict_types=1);

namespace Tests\Bench;

use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Stretch;
use App\Models\StretchSource;

/** A week full of appointments of one person, pencilled on their tasks; made once. */
final class Appointments
{
    public static function fill(string $person, string $monday, int $count): void
    {
        $owner = Person::query()->where('code', $person)->sole();
        $known = Appointment::query()->where('person_id', $owner->id)->count();
        if ($known >= $count) {
            return;
        }
        $calendar = AppointmentCalendar::query()->create(['person_id' => $owner->id, 'name' => 'Diary', 'address' => null, 'notes_titles' => false]);
        $tasks = Assignment::query()->where('person_id', $owner->id)->orderByDesc('ends_on')->limit(8)->pluck('task_id')->all();
        for ($number = 0; $number < $count; $number++) {
            $date = date('Y-m-d', (int) strtotime($monday.' +'.($number % 5).' days'));
            $starts = 480 + 10 * intdiv($number, 5) % 600;
            $at = static fn (int $minute): string => sprintf('%sT%02d:%02d:00Z', $date, intdiv($minute, 60), $minute % 60);
            $appointment = Appointment::query()->create([
                'appointment_calendar_id' => $calendar->id, 'person_id' => $owner->id, 'uid' => 'a'.$number, 'series' => 'a'.$number, 'title' => 'Appointment '.$number,
                'starts_at' => $at($starts), 'ends_at' => $at($starts + 10), 'guests' => [],
            ]);
            Stretch::query()->create([
                'person_id' => $owner->id, 'date' => $date, 'starts_at' => $starts, 'ends_at' => $starts + 10, 'task_id' => $tasks[$number % count($tasks)], 'is_inked' => false,
                'source' => StretchSource::Calendar, 'version' => 1, 'appointment_id' => $appointment->id, 'why' => '{"words":"appointment"}',
            ]);
        }
    }
}
