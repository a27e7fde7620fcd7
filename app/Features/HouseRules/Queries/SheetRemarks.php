<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\HouseRules\Props\SheetRemarksProps;
use App\Features\HouseRules\Props\SpanProps;
use App\Models\DaySpan;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** What a sheet's margin says of it while it is written. */
final class SheetRemarks
{
    public static function of(Person $reader, Person $owner, Week $week, Day $today): SheetRemarksProps
    {
        $found = SheetFindings::whileWriting($owner, $week, $today);

        return new SheetRemarksProps($found->props($reader), $found->asksForSpans ? self::spans($owner, $week) : null);
    }

    /** @return list<SpanProps> */
    private static function spans(Person $owner, Week $week): array
    {
        return array_map(static fn (Record $span): SpanProps => new SpanProps(
            $span->string('date'),
            self::clock($span->int('starts_at')),
            self::clock($span->int('ends_at')),
            $span->int('break_minutes'),
        ), Record::all(DaySpan::query()->inWeek($week)->toBase()->where('person_id', $owner->id)->orderBy('date')));
    }

    private static function clock(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
