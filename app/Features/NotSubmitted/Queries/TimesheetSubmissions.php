<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Sheet\EntriesOfMany;
use App\Sheet\ExpectedDaysOfMany;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** How far the timesheets of any number of people have been submitted that end in some weeks, in a fixed number of queries. */
final readonly class TimesheetSubmissions
{
    /**
     * @param  array<int, TimesheetOwner>  $owners  by person
     * @param  array<string, array<string, int>>  $sums  minutes by person and first day of a week or half month, then by state
     */
    private function __construct(private array $owners, private ExpectedDaysOfMany $expected, private array $sums)
    {
    }

    /**
     * @param  list<TimesheetOwner>  $owners
     * @param  non-empty-list<Week>  $weeks  in their order
     * @param  array<int, array<string, int>>  $known  minutes by person, then by state, of timesheets of the first week that have been added up
     */
    public static function load(array $owners, array $weeks, array $known = []): self
    {
        $byPeriod = [];
        $byPerson = [];
        $first = $weeks[0]->monday();
        $ofKnown = [];
        foreach ($owners as $owner) {
            $person = $owner->workTime->id;
            $byPerson[$person] = $owner;
            if (isset($known[$person])) {
                $ofKnown[$person.' '.$first->toString()] = $known[$person];
            } else {
                $byPeriod[$owner->setting->period->value][] = $person;
            }
        }
        $last = $weeks[count($weeks) - 1]->sunday();
        $sums = [$ofKnown];
        foreach ($byPeriod as $name => $ids) {
            // The earliest timesheet that ends in one of the weeks.
            $days = DayRange::between(TimesheetPeriod::from($name)->containing($weeks[0]->monday())->first(), $last);
            $first = Day::earlier($first, $days->first());
            $sums[] = self::sums($ids, $days, match (true) {
                // They are one part, whatever it is a part of.
                $days->count() === 7 => Sql::text($days->first()->toString(), 'first'),
                TimesheetPeriod::from($name)->isOfWeeks() => Sql::monday('entries.date', 'first'),
                default => Sql::halfMonth('entries.date', 'first'),
            });
        }

        return new self($byPerson, ExpectedDaysOfMany::during(array_column($owners, 'workTime'), DayRange::between($first, $last)), array_merge(...$sums));
    }

    /**
     * @param  list<int>  $people
     * @return array<string, array<string, int>>
     */
    private static function sums(array $people, DayRange $days, Sql $first): array
    {
        $query = EntriesOfMany::during($people, $days)->select('entries.person_id', $first, 'entries.state', Sql::sum('entries.minutes', 'minutes'))
            ->groupBy('entries.person_id', 'first', 'entries.state');
        $sums = [];
        $meant = array_flip($people);
        foreach (StreamedRows::of($query) as $row) {
            /** @var array{int, string, string, int} $row */
            [$person, $part, $state, $minutes] = $row;
            if (isset($meant[$person])) {
                $sums[$person.' '.$part][$state] = $minutes;
            }
        }

        return $sums;
    }

    /** @param  DayRange  $timesheet  of the person, ending in one of the weeks */
    public function of(int $person, DayRange $timesheet): TimesheetSubmission
    {
        $owner = $this->owners[$person];
        $sums = $this->sumsOf($owner, $timesheet);
        $of = static fn (EntryState $state): int => $sums[$state->value] ?? 0;

        return new TimesheetSubmission(
            $this->expected->expected($owner->workTime, $timesheet), Minutes::of($of(EntryState::Draft)), Minutes::of($of(EntryState::Returned)),
            Minutes::of($of(EntryState::Submitted) + $of(EntryState::Approved) + $of(EntryState::Settled)),
        );
    }

    /** What a day of one of the weeks asks. */
    public function expectedOn(int $person, Day $day): Minutes
    {
        return $this->expected->hours($this->owners[$person]->workTime)->on($day);
    }

    /** @return array<string, int> minutes by state */
    private function sumsOf(TimesheetOwner $owner, DayRange $timesheet): array
    {
        $first = $timesheet->first();
        // In the weeks or half months by which they are summed up.
        $parts = match ($owner->setting->period) {
            TimesheetPeriod::Week, TimesheetPeriod::HalfMonth => [$first],
            TimesheetPeriod::TwoWeeks => [$first, $first->plusDays(7)],
            TimesheetPeriod::Month => [$first, $first->plusDays(15)],
        };

        $sums = [];
        foreach ($parts as $part) {
            foreach ($this->sums[$owner->workTime->id.' '.$part->toString()] ?? [] as $state => $minutes) {
                $sums[$state] = ($sums[$state] ?? 0) + $minutes;
            }
        }

        return $sums;
    }
}
