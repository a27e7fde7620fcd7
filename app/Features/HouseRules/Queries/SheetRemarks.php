<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\HouseRules\Props\SheetRemarksProps;
use App\Features\HouseRules\Props\SpanProps;
use App\Models\DaySpan;
use App\Models\Person;
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

    /** @return list<SpanProps> also of the week before, of which days are taken over */
    private static function spans(Person $owner, Week $week): array
    {
        $spans = DaySpan::query()->where('person_id', $owner->id)->whereBetween('date', [$week->monday()->plusDays(-7)->toString(), $week->sunday()->toString()])->orderBy('date')->get();

        return array_values($spans->map(static function (DaySpan $span): SpanProps {
            $attendance = $span->attendance();

            return new SpanProps($span->date->toString(), $attendance->startText(), $attendance->endText(), $attendance->breakText(), $attendance->minutes()->toInt());
        })->all());
    }
}
