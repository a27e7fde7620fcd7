<?php

declare(strict_types=1);

namespace App\Features\Appointments\Queries;

use App\Models\Appointment;
use DateTimeImmutable;
use DateTimeZone;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Timer\Rounding;
use Moss\Core\Timer\TimerRun;
use Moss\Core\Timer\TimerRuns;

/** The days on which an appointment lies where its person is, cut like a run of a timer. No query. */
final class AppointmentDays
{
    /** @return array<string, list<ClockSpan>> by day; none for what takes no time */
    public static function of(Appointment $appointment, ?string $timezone): array
    {
        $run = new TimerRun(new DateTimeImmutable($appointment->starts_at), new DateTimeImmutable($appointment->ends_at));
        $days = [];
        foreach ((new TimerRuns([$run]))->byDay($run->endedBy($run->started), new DateTimeZone($timezone ?? 'UTC'), Rounding::Exact, null) as $day) {
            $days[$day->day->toString()] = $day->spans->spans;
        }

        return $days;
    }
}
