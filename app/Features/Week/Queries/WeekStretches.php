<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\ClockDayProps;
use App\Features\Week\Props\StretchProps;
use App\Features\Week\Props\StretchTimesProps;
use App\Models\StretchSource;
use App\Support\Language\Wording;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Sheet\PencilSource;
use Moss\Core\Sheet\TimedLine;
use Moss\Core\Time\Minutes;

/** The time by the clock of a week. No query. */
final class WeekStretches
{
    /**
     * In the order of days and starts. Where an entry has become shorter than the time by the clock in it, the last of it is shown
     * shorter: what was typed is what counts.
     *
     * @return list<StretchProps>
     */
    public static function props(SheetRecords $records): array
    {
        $entered = [];
        foreach ($records->entries as $entry) {
            $cell = $entry->line->key().' '.$entry->date->toString();
            $entered[$cell] = ($entered[$cell] ?? 0) + ($entry->corrects === null ? $entry->minutes->toInt() : 0);
        }
        $inked = [];
        foreach ($records->stretches as $row) {
            if ($row->isInked) {
                $inked[$row->cell()][] = $row->span();
            }
        }
        $shown = [];
        foreach ($inked as $cell => $spans) {
            $shown[$cell] = DaySpans::of($spans)->shortenedTo(Minutes::of(max(0, $entered[$cell] ?? 0)))->spans;
        }
        [$reasons, $busy] = [[], null];
        $props = [];
        foreach ($records->stretches as $row) {
            $span = $row->isInked ? array_shift($shown[$row->cell()]) : $row->span();
            if ($span instanceof ClockSpan) {
                $props[] = new StretchProps($row->id, $row->version, $row->line->key(), $row->date->toString(), $span->starts->minute(), $span->ends->minute(), $row->isInked, $row->source, $row->note, $row->appointmentId,
                    $row->appointmentId === null ? null : ($row->isPrivate === true || $row->title === null ? $busy ??= Wording::of('appointments.busy') : $row->title), $reasons[$row->why] ??= AppointmentReason::of($row->why), $row->billable);
            }
        }

        return $props;
    }

    /**
     * What to say of the inked time of each day: where it leaves gaps, and where it lies on itself.
     *
     * @param  list<StretchProps>  $stretches
     * @return list<ClockDayProps> only days of which there is something to say
     */
    public static function remarks(array $stretches): array
    {
        $spans = [];
        foreach ($stretches as $stretch) {
            if ($stretch->isInked) {
                $spans[$stretch->date][] = ClockSpan::ofMinutes($stretch->starts, $stretch->ends);
            }
        }
        $times = static fn (ClockSpan $span): StretchTimesProps => new StretchTimesProps($span->starts->minute(), $span->ends->minute());
        $days = [];
        foreach ($spans as $date => $ofDay) {
            $day = DaySpans::of($ofDay);
            $days[] = new ClockDayProps($date, array_map($times, $day->gaps()), array_map($times, $day->overlaps()));
        }

        return array_values(array_filter($days, static fn (ClockDayProps $day): bool => $day->gaps !== [] || $day->overlaps !== []));
    }

    /** @return list<TimedLine> what is pencilled by the clock, in cells without an entry */
    public static function pencilled(SheetRecords $records): array
    {
        $taken = [];
        foreach ($records->entries as $entry) {
            $taken[$entry->line->key().' '.$entry->date->toString()] = true;
        }
        $spans = [];
        $lines = [];
        $timers = [];
        foreach ($records->stretches as $row) {
            if (! $row->isInked && ! isset($taken[$row->cell()])) {
                $lines[$row->line->key()] = $row->line;
                $timers[$row->line->key()] = ($timers[$row->line->key()] ?? false) || $row->source === StretchSource::Timer;
                $spans[$row->line->key()][$row->date->toString()][] = $row->span();
            }
        }

        return array_map(
            static fn (LineRow $line): TimedLine => new TimedLine($records->lineOf($line), $timers[$line->key()] ? PencilSource::Timer : PencilSource::Calendar, array_map(DaySpans::of(...), $spans[$line->key()])),
            array_values($lines),
        );
    }
}
