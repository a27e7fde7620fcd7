<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Features\Compare\Queries\Dimensions;
use App\Features\Compare\Queries\HoursByGroup;
use App\Models\Project;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Effort\NaiveComparison;
use Tests\App\Projects\AwkwardData;
use Tests\App\TestCase;

/** Hours that are added up as they are stored come to what the core makes of every entry and every planned day. */
final class HoursByGroupTest extends TestCase
{
    private const TODAY = '2026-06-17';

    private const GROUPINGS = [
        Grouping::Project, Grouping::Client, Grouping::Manager, Grouping::Task, Grouping::Phase, Grouping::ChargeCode, Grouping::Person, Grouping::Team, Grouping::Role,
    ];

    #[DataProvider('periods')]
    public function test_every_grouping_is_what_the_core_says(string $first, string $last): void
    {
        $this->import(AwkwardData::files(4));
        $naive = new NaiveComparison(ComparedDays::planned(DayRange::between(Day::of($first), Day::of($last)), Day::of(self::TODAY)));
        foreach (self::GROUPINGS as $number => $by) {
            $terms = self::terms($by, $first, $last, $number % 2 === 0);
            self::assertEquals($naive->of($terms), $this->app->make(ComparisonReport::class)->comparison($terms, ComparableWork::all()), $by->value);
            self::assertNotNull(HoursByGroup::of($terms, Dimensions::of($terms, ComparableWork::all()), ComparableWork::all()), $by->value);
        }
    }

    #[TestWith([Grouping::Task])]
    #[TestWith([Grouping::Phase])]
    #[TestWith([Grouping::ChargeCode])]
    #[TestWith([Grouping::Person])]
    public function test_it_is_the_same_however_many_tasks_are_looked_up_at_once(Grouping $by): void
    {
        $this->import(AwkwardData::files(4));
        $terms = self::terms($by, '2026-04-01', '2026-06-30', true);
        $hours = HoursByGroup::of($terms, Dimensions::of($terms, ComparableWork::all()), ComparableWork::all());
        self::assertNotNull($hours);
        $all = $hours->comparison();
        self::assertNotSame([], $all->groups());
        self::assertEquals($all, $hours->comparison(tasksAtOnce: 2));
    }

    #[DataProvider('periods')]
    public function test_whoever_may_not_compare_everything_has_the_same_as_where_each_sum_is_looked_at(string $first, string $last): void
    {
        $this->import(AwkwardData::files(4));
        // Each of them is asked for, which leaves nothing out.
        $projects = new Selection(projects: array_values(array_map(static fn (Project $project): string => $project->code, Project::query()->get()->all())));
        $found = 0;
        foreach (['ada', 'bo', '007'] as $person) {
            $work = ComparableWork::of($this->person($person));
            foreach (self::GROUPINGS as $by) {
                $comparison = $this->app->make(ComparisonReport::class)->comparison(self::terms($by, $first, $last, true), $work);
                self::assertEquals($this->app->make(ComparisonReport::class)->comparison(self::terms($by, $first, $last, true, $projects), $work), $comparison, $person.', by '.$by->value);
                $found += count($comparison->groups());
            }
        }
        self::assertGreaterThan(20, $found);
    }

    /** @return iterable<string, array{string, string}> */
    public static function periods(): iterable
    {
        yield 'months up to today\'s' => ['2026-04-01', '2026-06-30'];
        yield 'more months than are read as they are stored' => ['2025-06-01', '2026-07-31'];
        yield 'weeks, of which today cuts through one' => ['2026-06-08', '2026-06-21'];
        yield 'a month and some weeks' => ['2026-05-01', '2026-06-14'];
        yield 'weeks to come' => ['2026-06-22', '2026-07-05'];
    }

    public function test_more_than_hours_by_one_grouping_is_read_otherwise(): void
    {
        $this->import(AwkwardData::files(4));
        $of = fn (ComparisonTerms $terms, ?ComparableWork $work = null): ?HoursByGroup => HoursByGroup::of($terms, Dimensions::of($terms, $work ?? ComparableWork::all()), $work ?? ComparableWork::all());
        $range = DayRange::between(Day::of('2026-06-01'), Day::of('2026-06-30'));
        $terms = static fn (Grouping $by, ?Grouping $then, Measure $measure): ComparisonTerms => new ComparisonTerms($by, new Selection, $range, Day::of(self::TODAY), false, $then, null, [$measure]);

        self::assertNotNull($of($terms(Grouping::Team, null, Measure::Actual)));
        self::assertNull($of($terms(Grouping::Team, Grouping::Role, Measure::Actual)));
        self::assertNull($of($terms(Grouping::Month, null, Measure::Actual)));
        self::assertNull($of($terms(Grouping::Billable, null, Measure::Actual)));
        self::assertNull($of($terms(Grouping::Team, null, Measure::BillableShare)));
        self::assertNull($of($terms(Grouping::Team, null, Measure::Cost)));
        self::assertNull($of(self::terms(Grouping::Team, '2026-06-01', '2026-06-30', false, new Selection(teams: ['field']))));
        self::assertNull($of(self::terms(Grouping::Team, '2026-06-03', '2026-06-30', false)), 'Of some days of a week, entries tell.');
        self::assertNull($of($terms(Grouping::Team, null, Measure::Actual), ComparableWork::ownOf($this->person('ada'))));
    }

    private static function terms(Grouping $by, string $first, string $last, bool $withPending, Selection $selection = new Selection): ComparisonTerms
    {
        return new ComparisonTerms($by, $selection, DayRange::between(Day::of($first), Day::of($last)), Day::of(self::TODAY), $withPending);
    }
}
