<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Compare\Selection;
use Moss\Core\Compare\Standing;
use Moss\Core\Compare\WorkItem;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ComparisonTest extends TestCase
{
    /** @param  array<string, array{int, int, int, int}>  $expected  hours planned, planned to date, actual, pending */
    #[DataProvider('groupings')]
    public function test_planned_against_actual_by_each_grouping(Grouping $by, array $expected): void
    {
        $comparison = self::compare($by);

        self::assertSame($expected, array_map(self::hours(...), $comparison->rows()));
        self::assertSame([40, 24, 11, 5], self::hours($comparison->total()));
    }

    /** @return iterable<string, array{Grouping, array<string, array{int, int, int, int}>}> */
    public static function groupings(): iterable
    {
        yield 'project' => [Grouping::Project, ['BELL' => [8, 8, 3, 0], 'LENS' => [32, 16, 8, 5]]];
        yield 'client' => [Grouping::Client, ['-' => [8, 8, 3, 0], 'harbour' => [32, 16, 8, 5]]];
        yield 'phase' => [Grouping::Phase, ['BELL/-' => [8, 8, 3, 0], 'LENS/Survey' => [32, 16, 8, 5]]];
        yield 'task' => [Grouping::Task, ['BELL/FRAME' => [8, 8, 3, 0], 'LENS/FIT' => [32, 16, 8, 5]]];
        yield 'person' => [Grouping::Person, ['-' => [8, 8, 0, 0], 'ada' => [32, 16, 8, 0], 'bo' => [0, 0, 3, 5]]];
        yield 'team' => [Grouping::Team, ['-' => [0, 0, 3, 5], 'field' => [40, 24, 8, 0]]];
        yield 'role' => [Grouping::Role, ['-' => [8, 8, 3, 5], 'surveyor' => [32, 16, 8, 0]]];
        yield 'manager' => [Grouping::Manager, ['dov' => [8, 8, 3, 0], 'idris' => [32, 16, 8, 5]]];
        yield 'charge code' => [Grouping::ChargeCode, ['-' => [8, 8, 3, 0], 'L-100' => [32, 16, 8, 5]]];
        yield 'quarter' => [Grouping::Quarter, ['2026-Q2' => [24, 24, 11, 5], '2026-Q3' => [16, 0, 0, 0]]];
        yield 'month' => [Grouping::Month, ['2026-06' => [24, 24, 11, 5], '2026-07' => [16, 0, 0, 0]]];
        yield 'week' => [Grouping::Week, ['2026-W26' => [8, 8, 0, 0], '2026-W27' => [32, 16, 11, 5]]];
    }

    public function test_parts_and_periods_add_up_to_their_group(): void
    {
        $comparison = self::compare(Grouping::Project, then: Grouping::Person, across: Grouping::Month);
        $lens = $comparison->groups()['LENS'];

        self::assertSame(['ada' => [32, 16, 8, 0], 'bo' => [0, 0, 0, 5]], array_map(static fn (ComparedGroup $part): array => self::hours($part->row), $lens->parts));
        self::assertSame(['2026-06' => [0, 0, 0, 5]], array_map(self::hours(...), $lens->parts['bo']->periods));
        self::assertSame(['2026-06' => [16, 16, 8, 5], '2026-07' => [16, 0, 0, 0]], array_map(self::hours(...), $lens->periods));
        self::assertSame(['2026-06' => [24, 24, 11, 5], '2026-07' => [16, 0, 0, 0]], array_map(self::hours(...), $comparison->periods()));
        foreach ($comparison->groups() as $group) {
            self::assertEquals($group->row, array_reduce($group->parts, static fn (ComparisonRow $sum, ComparedGroup $part): ComparisonRow => $sum->plus($part->row), ComparisonRow::empty()));
        }
    }

    #[DataProvider('standings')]
    public function test_a_group_stands_on_track_within_the_tolerance(int $toDate, int $actual, int $tolerance, Standing $expected): void
    {
        $row = new ComparisonRow($toDate + 600, $toDate, $actual, 0);

        self::assertSame($expected, Standing::of($row, $tolerance));
        self::assertSame($actual - $toDate, $row->againstToDate());
    }

    /** @return iterable<string, array{int, int, int, Standing}> */
    public static function standings(): iterable
    {
        yield 'exactly the tolerance above' => [1000, 1100, 10, Standing::OnTrack];
        yield 'a minute more' => [1000, 1101, 10, Standing::Over];
        yield 'exactly the tolerance below' => [1000, 900, 10, Standing::OnTrack];
        yield 'a minute less' => [1000, 899, 10, Standing::Under];
        yield 'no tolerance' => [1000, 1001, 0, Standing::Over];
        yield 'as planned' => [1000, 1000, 0, Standing::OnTrack];
        yield 'nothing planned to date' => [0, 1, 10, Standing::Unplanned];
        yield 'nothing yet' => [0, 0, 10, Standing::Ahead];
    }

    public function test_pending_counts_as_actual_on_demand_and_is_still_shown(): void
    {
        $row = self::compare(Grouping::Project, true)->total();

        self::assertSame([40, 24, 16, 5], self::hours($row));
        self::assertSame(-24 * 60, $row->variance());
        self::assertSame('-60.0', (string) $row->variancePercentage());
        self::assertNull(self::compare(Grouping::Person)->rows()['bo']->variancePercentage());
    }

    public function test_a_selection_takes_any_of_a_kind_and_all_of_the_kinds(): void
    {
        self::assertSame([32, 16, 8, 0], self::hours(self::compare(Grouping::Task, selection: new Selection(persons: ['ada', 'x']))->total()));
        self::assertSame([40, 24, 8, 0], self::hours(self::compare(Grouping::Task, selection: new Selection(teams: ['field']))->total()));
        self::assertSame([0, 0, 0, 5], self::hours(self::compare(Grouping::Task, selection: new Selection(projects: ['LENS'], persons: ['bo']))->total()));
        self::assertSame([8, 8, 3, 0], self::hours(self::compare(Grouping::Task, selection: new Selection(managers: ['dov']))->total()));
        self::assertSame([8, 8, 3, 0], self::hours(self::compare(Grouping::Task, selection: new Selection(internal: true))->total()));
        self::assertSame([32, 16, 8, 5], self::hours(self::compare(Grouping::Task, selection: new Selection(internal: false))->total()));
        $inJuly = (new Selection(projects: ['LENS']))->within(Grouping::Person, ['ada'])->within(Grouping::Month, ['2026-07']);
        self::assertSame(['LENS/FIT' => [16, 0, 0, 0]], array_map(self::hours(...), self::compare(Grouping::Task, selection: $inJuly)->rows()));
        self::assertSame([], self::compare(Grouping::Task, selection: new Selection(clients: ['nobody']))->rows());
    }

    public function test_a_selection_takes_everything_only_where_it_names_nothing(): void
    {
        self::assertTrue((new Selection)->takesEverything());
        foreach ([
            new Selection(projects: ['P']), new Selection(persons: ['ada']), new Selection(teams: ['t']), new Selection(clients: ['c']), new Selection(managers: ['m']), new Selection(internal: false),
            (new Selection)->within(Grouping::Project, ['P']), new Selection(billable: true), new Selection(roles: ['r']), new Selection(chargeCodes: ['x']), new Selection(fieldValues: ['-']),
        ] as $number => $selection) {
            self::assertFalse($selection->takesEverything(), 'selection '.$number);
        }
    }

    public function test_what_days_ask_of_people_belongs_to_groups_of_people_and_days_alone(): void
    {
        $asked = WorkItem::attendance('ada', 'field', 'surveyor', 'north');
        $monday = Day::of('2026-07-06');
        $takes = static fn (Grouping $grouping, string $code, bool $isOfPeople = false): bool => (new Selection(fieldIsOfPeople: $isOfPeople))->within($grouping, [$code, 'other'])->takes($asked, $monday);

        self::assertSame([true, false], [$takes(Grouping::Team, 'field'), $takes(Grouping::Team, 'coast')]);
        self::assertSame([true, false], [$takes(Grouping::Month, '2026-07'), $takes(Grouping::Month, '2026-08')]);
        self::assertTrue($takes(Grouping::Project, 'LENS'));
        self::assertSame([true, false], [$takes(Grouping::OwnField, 'north', true), $takes(Grouping::OwnField, 'south', true)]);
        self::assertTrue($takes(Grouping::OwnField, 'south'));
    }

    public function test_only_the_days_of_the_period_count(): void
    {
        $period = DayRange::between(Day::of('2026-07-01'), Day::of('2026-07-02'));

        self::assertSame([16, 0, 0, 0], self::hours(self::compare(Grouping::Project, period: $period)->total()));
    }

    private static function compare(Grouping $by, bool $withPending = false, Selection $selection = new Selection, ?DayRange $period = null, ?Grouping $then = null, ?Grouping $across = null): Comparison
    {
        $lens = new WorkItem('LENS', 'harbour', 'Survey', 'FIT', 'ada', 'field', 'surveyor', 'idris', 'L-100');
        $lensOfBo = new WorkItem('LENS', 'harbour', 'Survey', 'FIT', 'bo', null, null, 'idris', 'L-100');
        $bell = new WorkItem('BELL', null, null, 'FRAME', null, 'field', null, 'dov', null, true);
        $bellOfBo = new WorkItem('BELL', null, null, 'FRAME', 'bo', null, null, 'dov', null, true);

        $days = $period ?? DayRange::between(Day::of('2026-06-01'), Day::of('2026-07-31'));
        $compared = ComparedDays::planned($days, Day::of('2026-06-30'));
        $recorded = static fn (WorkItem $item, string $day, int $actual, int $pending): ComparedAmount => RecordedTime::amount($item, Day::of($day), $actual * 60, $pending * 60, $withPending);

        return Comparison::of($by, $selection, [
            // Monday 29 June to Thursday 2 July, 8 h a day; and 8 h on Friday 26 June for the team.
            ...self::planned($lens, self::spread(32, '2026-06-29', '2026-07-02'), $days, $compared),
            ...self::planned($bell, self::spread(8, '2026-06-26', '2026-06-28'), $days, $compared),
            ...$period === null ? [$recorded($lens, '2026-06-29', 8, 0), $recorded($lensOfBo, '2026-06-30', 0, 5), $recorded($bellOfBo, '2026-06-30', 3, 0)] : [],
        ], $then, $across);
    }

    /** @return iterable<ComparedAmount> day by day */
    private static function planned(WorkItem $item, Spread $spread, DayRange $days, ComparedDays $compared): iterable
    {
        foreach ($days as $day) {
            if (! $spread->on($day)->isZero()) {
                yield PlannedTime::amount($item, $day, $spread->on($day)->toInt(), $compared->isToDate($day) ? $spread->on($day)->toInt() : 0);
            }
        }
    }

    private static function spread(int $hours, string $first, string $last): Spread
    {
        $capacity = new Capacity(WorkPattern::standard(), HolidayCalendar::empty());

        return Spread::over(Minutes::ofHours($hours), DayRange::between(Day::of($first), Day::of($last)), $capacity);
    }

    /** @return array{int, int, int, int} */
    private static function hours(ComparisonRow $row): array
    {
        return [
            intdiv($row->planned, 60),
            intdiv($row->plannedToDate, 60),
            intdiv($row->actual, 60),
            intdiv($row->pending, 60),
        ];
    }
}
