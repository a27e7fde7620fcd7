<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\WaitingWeekProps;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** What waits for a person, by owner and week, oldest first; in one query. */
final readonly class WaitingWeeks
{
    public function __construct(private Waiting $waiting)
    {
    }

    /** @return list<WaitingWeekProps> */
    public function for(Person $person, Day $today): array
    {
        $query = $this->waiting->for($person, $today)
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'entries.approver_id')
            ->select('people.code', 'people.name', 'entries.date', 'entries.approver_id', 'approvers.name AS approver')
            ->selectRaw('sum(entries.minutes) AS minutes, count(*) AS entries')
            ->groupBy('people.id', 'entries.date', 'entries.approver_id')
            ->orderBy('entries.date')->orderBy('people.name');
        $weeks = [];
        foreach (Record::all($query) as $record) {
            $week = Week::containing(Day::of($record->string('date')));
            $key = $week->toString().' '.$record->string('code');
            $known = $weeks[$key] ?? new WaitingWeekProps($record->string('code'), $record->string('name'), $week->toString(), $week->monday()->toString(), 0, 0, []);
            $weeks[$key] = new WaitingWeekProps(
                $known->personCode,
                $known->personName,
                $known->week,
                $known->monday,
                $known->minutes + $record->int('minutes'),
                $known->entries + $record->int('entries'),
                StandingIn::names($known->standingInFor, $record, $person),
            );
        }
        // By week, then by name: dates of one week come mixed.
        usort($weeks, static fn (WaitingWeekProps $one, WaitingWeekProps $other): int => strcmp($one->week.' '.$one->personName, $other->week.' '.$other->personName));

        return $weeks;
    }
}
