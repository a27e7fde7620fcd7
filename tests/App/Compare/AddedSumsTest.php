<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Features\Compare\Queries\AddedSums;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Features\Compare\Queries\Dimensions;
use App\Features\Compare\Queries\MergedSums;
use App\Features\Compare\Queries\RecordedSums;
use App\Features\Compare\Queries\SumPart;
use App\Support\Database\StreamedRows;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Effort\NaiveComparison;
use Tests\App\Lighthouse;
use Tests\App\Projects\AwkwardData;
use Tests\App\TestCase;

/** What is added up as it is stored is what the database makes of it, and what the core makes of every entry. */
final class AddedSumsTest extends TestCase
{
    private const TODAY = '2026-06-17';

    private const GROUPINGS = [
        Grouping::Project, Grouping::Client, Grouping::Manager, Grouping::Task, Grouping::Phase, Grouping::ChargeCode, Grouping::Person, Grouping::Team, Grouping::Role, Grouping::Billable,
    ];

    #[DataProvider('periods')]
    public function test_money_and_what_is_billable_are_what_the_core_says(string $first, string $last): void
    {
        $this->import(AwkwardData::files(3));
        $naive = new NaiveComparison(ComparedDays::planned(self::range($first, $last), Day::of(self::TODAY)));
        foreach (self::GROUPINGS as $number => $by) {
            foreach ([[Measure::Cost, Measure::Margin], [Measure::BillableShare], [Measure::Cost]] as $measures) {
                $terms = self::terms($by, $first, $last, $number % 2 === 0, $measures);
                self::assertEquals($naive->of($terms), $this->app->make(ComparisonReport::class)->comparison($terms, ComparableWork::all()), $by->value.' '.$measures[0]->value);
            }
        }
    }

    #[DataProvider('periods')]
    public function test_sums_are_those_of_the_database(string $first, string $last): void
    {
        $this->import(AwkwardData::files(3));
        $added = 0;
        foreach ([Grouping::Project, Grouping::Task] as $by) {
            $terms = self::terms($by, $first, $last, false, [Measure::Margin]);
            $parts = self::parts($terms);
            if (AddedSums::canBe($parts)) {
                self::assertEquals(self::inOrder(StreamedRows::named(MergedSums::of($parts))), self::inOrder(AddedSums::of($parts)), $by->value);
                $added++;
            }
        }
        self::assertSame($first === '2025-06-01' ? 0 : 2, $added);
    }

    /** @return iterable<string, array{string, string}> */
    public static function periods(): iterable
    {
        yield 'whole months' => ['2026-04-01', '2026-06-30'];
        yield 'more months than are read as they are stored' => ['2025-06-01', '2026-07-31'];
        yield 'a month and some weeks' => ['2026-05-01', '2026-06-14'];
        yield 'days that cut through weeks at both ends' => ['2026-05-20', '2026-07-02'];
    }

    public function test_what_is_planned_on_other_days_of_a_week_is_no_part_of_it(): void
    {
        $this->import(Lighthouse::files());
        $terms = self::terms(Grouping::Task, '2026-06-19', '2026-06-30', false, [Measure::Cost]);
        $naive = new NaiveComparison(ComparedDays::planned($terms->days, $terms->today));
        $comparison = $this->app->make(ComparisonReport::class)->comparison($terms, ComparableWork::all());
        self::assertEquals($naive->of($terms), $comparison);
        self::assertSame(['LENS/DRAW', 'LENS/FIT'], array_keys($comparison->groups()));
    }

    #[TestWith([Grouping::Project, null, true])]
    #[TestWith([Grouping::Task, null, true])]
    #[TestWith([Grouping::Task, Grouping::Person, false])]
    #[TestWith([Grouping::Month, null, false])]
    #[TestWith([Grouping::Project, Grouping::Week, false])]
    public function test_one_number_has_to_tell_them_apart(Grouping $by, ?Grouping $then, bool $canBe): void
    {
        $terms = new ComparisonTerms($by, new Selection, self::range('2026-04-01', '2026-06-30'), Day::of(self::TODAY), false, $then, null, [Measure::Margin]);
        $parts = self::parts($terms);
        self::assertSame($canBe, AddedSums::canBe($parts));
    }

    /** @return non-empty-list<SumPart> */
    private static function parts(ComparisonTerms $terms): array
    {
        $parts = RecordedSums::of(Dimensions::of($terms, ComparableWork::all()), true, ComparedDays::recorded($terms->days), ComparableWork::all());

        return $parts === [] ? self::fail('There are none.') : $parts;
    }

    /**
     * @param  iterable<object>  $rows
     * @return array<string, object> by the numbers that tell them apart
     */
    private static function inOrder(iterable $rows): array
    {
        $byNumbers = [];
        foreach ($rows as $row) {
            $values = get_object_vars($row);
            $byNumbers[json_encode([$values['project_id'] ?? $values['task_id'] ?? null, $values['billable'] ?? null], JSON_THROW_ON_ERROR)] = $row;
        }
        ksort($byNumbers);

        return $byNumbers;
    }

    private static function range(string $first, string $last): DayRange
    {
        return DayRange::between(Day::of($first), Day::of($last));
    }

    /** @param  list<Measure>  $measures */
    private static function terms(Grouping $by, string $first, string $last, bool $withPending, array $measures): ComparisonTerms
    {
        return new ComparisonTerms($by, new Selection, self::range($first, $last), Day::of(self::TODAY), $withPending, null, null, $measures);
    }
}
