<?php

declare(strict_types=1);

namespace App\Features\Appointments\Jobs;

use App\Features\Appointments\Actions\ReadCalendar;
use App\Models\AppointmentCalendar;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Asks the address of a calendar. */
final class ReadCalendarJob implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 900;

    public function __construct(public readonly int $calendar)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->calendar;
    }

    public function handle(ReadCalendar $read): void
    {
        $calendar = AppointmentCalendar::query()->with('person')->find($this->calendar);
        if ($calendar !== null && $calendar->address !== null && $calendar->person->disabled_at === null) {
            $read->handle($calendar);
        }
    }
}
