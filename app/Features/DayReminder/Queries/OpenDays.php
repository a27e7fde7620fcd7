<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Queries;

use App\Models\Entry;
use App\Models\Person;
use App\Sheet\ExpectedDays;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** Days before a day on which less is entered than is expected. In two queries beside those of expected days. */
final class OpenDays
{
    /** How far back one still remembers, in days. */
    private const BACK = 7;

    /** @return list<Day> the latest first; none in a closed period, or before the person's first entry */
    public static function before(Person $owner, Day $day): array
    {
        $first = Entry::query()->toBase()->where('person_id', $owner->id)->min('date');
        $days = DayRange::between($day->plusDays(-self::BACK), $day->plusDays(-1));
        $expected = ExpectedDays::of($owner, $days);
        $closed = $expected->organisation()->closed_until;
        $entered = [];
        foreach (Record::all(Entry::query()->toBase()->where('person_id', $owner->id)->whereBetween('date', [$days->first()->toString(), $days->last()->toString()])->groupBy('date')->select('date')->addSelect(Sql::sum('minutes', 'minutes'))) as $row) {
            $entered[$row->string('date')] = $row->int('minutes');
        }
        $open = [];
        foreach ($days as $one) {
            $isKnown = is_string($first) && ! $one->isBefore(Day::of($first)) && ($closed === null || $one->isAfter($closed));
            if ($isKnown && $expected->hours()->on($one)->toInt() > ($entered[$one->toString()] ?? 0)) {
                $open[] = $one;
            }
        }

        return array_reverse($open);
    }
}
