<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Support\Words;
use Carbon\CarbonImmutable;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** Says where a pencilled figure comes from. */
final class PencilWords
{
    public static function of(Proposal $proposal): string
    {
        $assignment = $proposal->source->assignment;
        $shares = array_unique(array_map(static fn (Minutes $share): int => $share->toInt(), $proposal->source->spread->byDay()));
        $ofDay = $proposal->source->spread->on($proposal->day);

        return Words::of(count($shares) === 1 ? 'week.pencil_even' : 'week.pencil_uneven', [
            'hours' => HoursFormat::exact($assignment->planned),
            'first' => self::day($assignment->days->first(), $assignment->days->first()->month() !== $assignment->days->last()->month()),
            'last' => self::day($assignment->days->last(), true),
            'share' => HoursFormat::exact($ofDay),
        ]);
    }

    private static function day(Day $day, bool $withMonth): string
    {
        return CarbonImmutable::parse($day->toString())->translatedFormat($withMonth ? 'D j M' : 'D j');
    }
}
