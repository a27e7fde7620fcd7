<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\StretchTimesProps;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TimedLine;

/** Where pencilled hours lie by the clock: as they were measured, else where the day is free from nine o'clock on. No query. */
final class PencilPlaces
{
    private const DAY_BEGINS = 9 * 60;

    /** @var array<string, DaySpans> by day */
    private array $taken = [];

    public function __construct(SheetRecords $records)
    {
        $spans = [];
        foreach ($records->stretches as $row) {
            $spans[$row->date->toString()][] = $row->span();
        }
        $this->taken = array_map(DaySpans::of(...), $spans);
    }

    /** @return list<StretchTimesProps> no other proposal of the day is laid there any more */
    public function take(Proposal $proposal): array
    {
        $date = $proposal->day->toString();
        if ($proposal->source instanceof TimedLine) {
            // It lies among what is taken already.
            $spans = $proposal->source->days[$date]->spans;
        } else {
            $taken = $this->taken[$date] ?? DaySpans::of([]);
            $spans = $taken->placesFor($proposal->minutes, ClockTime::atMinute(self::DAY_BEGINS));
            $this->taken[$date] = $taken->with(...$spans);
        }

        return array_map(static fn (ClockSpan $span): StretchTimesProps => new StretchTimesProps($span->starts->minute(), $span->ends->minute()), $spans);
    }
}
