<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Sheet\PastLine;
use Moss\Core\Sheet\PencilSource;
use Moss\Core\Sheet\PlannedLine;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TimedLine;
use Moss\Core\Sheet\TrackedLine;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** Says where a pencilled figure comes from. */
final class PencilSourceText
{
    public static function of(Proposal $proposal): string
    {
        $source = $proposal->source;

        return match (true) {
            $source instanceof TimedLine => self::byTheClock($source, $proposal->day),
            $source instanceof TrackedLine => Wording::of('week.pencil_tracker', ['said' => $source->texts[$proposal->day->toString()] ?? '']),
            $source instanceof PlannedLine => self::ofPlan($source, $proposal->day),
            default => self::ofPast($source, $proposal->day),
        };
    }

    private static function byTheClock(TimedLine $source, Day $day): string
    {
        $spans = array_map(static fn (ClockSpan $span): string => $span->toString(), $source->days[$day->toString()]->spans);

        return Wording::of($source->source === PencilSource::Timer ? 'week.pencil_timer' : 'week.pencil_calendar', ['times' => implode(', ', $spans)]);
    }

    private static function ofPlan(PlannedLine $source, Day $day): string
    {
        $assignment = $source->assignment;
        $shares = array_unique(array_map(static fn (Minutes $share): int => $share->toInt(), $source->spread->byDay()));

        return Wording::of(count($shares) === 1 ? 'week.pencil_even' : 'week.pencil_uneven', [
            'hours' => HoursFormat::exact($assignment->planned),
            'first' => self::day($assignment->days->first(), $assignment->days->first()->month() !== $assignment->days->last()->month()),
            'last' => self::day($assignment->days->last(), true),
            'share' => HoursFormat::exact($source->spread->on($day)),
        ]);
    }

    private static function ofPast(PastLine $source, Day $day): string
    {
        return $source->source === PencilSource::LastWeek
            ? Wording::of('week.pencil_last_week', ['hours' => HoursFormat::exact($source->hours[$day->toString()]), 'day' => self::day($day->plusDays(-7), true)])
            : Wording::of('week.pencil_usual', [
                'hours' => HoursFormat::exact($source->hours[$day->toString()]),
                'first' => Week::containing($source->from->first())->number(),
                'last' => Week::containing($source->from->last())->number(),
                'weekday' => LocalFormat::weekday($day),
            ]);
    }

    private static function day(Day $day, bool $withMonth): string
    {
        return $withMonth ? LocalFormat::day($day) : LocalFormat::dayOfMonth($day);
    }
}
