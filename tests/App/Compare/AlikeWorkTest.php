<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Features\Compare\Queries\AlikeWork;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Features\Compare\Queries\Dimensions;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Effort\NaiveComparison;
use Tests\App\Projects\AwkwardData;
use Tests\App\TestCase;

/** What is read together because it is alike comes to what the core makes of every entry and every planned day. */
final class AlikeWorkTest extends TestCase
{
    private const TODAY = '2026-06-17';

    /** @param  non-empty-list<Grouping|null>  $groupings  what the groups are made of, each in turn */
    #[DataProvider('data')]
    public function test_every_grouping_of_every_selection_is_what_the_core_says(int $seed, array $groupings): void
    {
        $this->import(self::files($seed));
        $report = $this->app->make(ComparisonReport::class);
        $period = DayRange::between(Day::of('2026-05-01'), Day::of('2026-06-30'));
        $naive = new NaiveComparison(ComparedDays::planned($period, Day::of(self::TODAY)));
        $alike = 0;
        foreach ($this->selections() as $name => $selection) {
            foreach (Grouping::cases() as $number => $by) {
                $then = $groupings[$number % count($groupings)];
                $across = $number % 4 === 0 ? Grouping::Month : null;
                $measures = $number % 3 === 0 ? [...Measure::USUAL, Measure::BillableShare] : Measure::USUAL;
                $terms = new ComparisonTerms($by, $selection, $period, Day::of(self::TODAY), $number % 2 === 0, $then, $across, $measures);
                self::assertEquals($naive->of($terms), $report->comparison($terms, ComparableWork::all()), "$name, by $by->value, then ".($then->value ?? 'nothing'));
                $alike += AlikeWork::of($terms, Dimensions::of($terms, ComparableWork::all()), ComparableWork::all()) === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(40, $alike);
    }

    /** @return iterable<string, array{int, non-empty-list<Grouping|null>}> */
    public static function data(): iterable
    {
        yield 'by one' => [1, [null]];
        yield 'by two' => [2, [null, Grouping::Role, Grouping::Client, Grouping::Billable, Grouping::Phase, Grouping::Team, Grouping::ChargeCode, Grouping::Manager]];
    }

    public function test_nothing_is_taken_together_where_more_than_hours_is_asked_for(): void
    {
        $of = static function (Measure $measure, string $from = '2026-06-01', ?ComparableWork $work = null, ?FieldSubject $field = null): ?AlikeWork {
            $field = $field === null ? null : new OwnField('x', 'X', $field, FieldKind::Text);
            $terms = new ComparisonTerms(Grouping::Role, new Selection, DayRange::between(Day::of($from), Day::of('2026-06-30')), Day::of(self::TODAY), false, null, null, [$measure], $field);
            $work ??= ComparableWork::all();

            return AlikeWork::of($terms, Dimensions::of($terms, $work), $work);
        };
        $this->import(AwkwardData::files(1));
        self::assertNotNull($of(Measure::Actual));
        self::assertNull($of(Measure::Cost));
        self::assertNull($of(Measure::Utilisation));
        self::assertNull($of(Measure::Actual, '2026-06-03'), 'Of some days of a week, entries tell.');
        self::assertNull($of(Measure::Actual, '2026-06-01', ComparableWork::ownOf($this->person('ada'))));
        self::assertNull($of(Measure::Actual, field: FieldSubject::Expense), 'Only expenses have it.');
        self::assertNull($of(Measure::Actual, field: FieldSubject::Entry));
        self::assertNull($of(Measure::Actual, field: FieldSubject::Person));
        self::assertNotNull($of(Measure::Actual, field: FieldSubject::Project), 'People are alike on each project.');
    }

    /** @return array<string, string> in which there are internal projects and charge codes too */
    private static function files(int $seed): array
    {
        $files = AwkwardData::files($seed);
        foreach (['projects.csv' => [',internal', ',', ',yes', ','], 'tasks.csv' => [',charge_code', ',7', ',', ',A-1', ',7']] as $name => $further) {
            $lines = explode("\n", rtrim($files[$name]));
            $heading = array_shift($further);
            $files[$name] = $lines[0].$heading."\n".implode("\n", array_map(static fn (string $line, int $number): string => $line.$further[$number % count($further)], array_slice($lines, 1), range(0, count($lines) - 2)))."\n";
        }

        return $files;
    }

    /** @return array<string, Selection> */
    private function selections(): array
    {
        return [
            'everything' => new Selection,
            'a team' => new Selection(teams: ['field']),
            'a client' => new Selection(clients: ['c1']),
            'managers' => new Selection(managers: ['ada', '007']),
            'without internal time' => new Selection(internal: false),
            'a charge code' => new Selection(chargeCodes: ['7']),
            'a role, not billable' => new Selection(roles: ['r1'], billable: false),
            'people of a project' => new Selection(projects: ['P'], persons: ['ada', '007']),
            'some groups of two kinds' => (new Selection)->within(Grouping::Role, ['r1', Grouping::NONE])->within(Grouping::Phase, ['P/Survey', '2/'.Grouping::NONE]),
        ];
    }
}
