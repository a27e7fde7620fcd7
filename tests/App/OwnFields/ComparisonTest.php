<?php

declare(strict_types=1);

namespace Tests\App\OwnFields;

use App\Effort\Recalculation\Recalculation;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\OwnFields\OwnFieldList;
use Illuminate\Support\Facades\Artisan;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\OwnFields\FieldSubject;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Effort\NaiveComparison;
use Tests\App\TestCase;

/** Comparisons by own fields and by charge codes that entries have of their own, beside sums of single entries. */
final class ComparisonTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(OwnFieldFiles::files([
            'entries.csv' => <<<'CSV'
                person,project,task,role,date,hours,state,billable,charge_code
                ada,LENS,FIT,,2026-05-31,1,approved,,
                ada,LENS,FIT,,2026-06-01,2:20,approved,no,WP1/LAB
                ada,LENS,FIT,senior,2026-06-15,4,settled,,WP1/LAB
                ada,LENS,FIT,,2026-06-16,0:07,submitted,yes,WP2/TRV
                ada,LENS,CLEAN,,2026-06-16,3,approved,,
                ada,OWN,TRAIN,,2026-06-17,2,draft,,
                bo,LENS,CLEAN,,2026-06-18,5:30,approved,,WP2/TRV
                mo,LENS,FIT,,2026-06-30,1,draft,,

                CSV,
            'own_field_values.csv' => <<<'CSV'
                field,person,project,task,role,date,value
                ledger,,LENS,,,,4711
                place,ada,LENS,FIT,,2026-06-01,home
                place,ada,LENS,FIT,senior,2026-06-15,client
                place,ada,LENS,FIT,,2026-06-16,home
                place,ada,OWN,TRAIN,,2026-06-17,home
                place,mo,LENS,FIT,,2026-06-30,train
                risk,,LENS,FIT,,,high
                risk,,OWN,TRAIN,,,low
                union,ada,,,,,yes
                union,mo,,,,,no

                CSV,
        ]));
        $this->app->make(Recalculation::class)->finish();
    }

    /**
     * @param  list<string>  $values
     * @param  list<string>  $chargeCodes
     */
    #[DataProvider('questions')]
    public function test_they_are_those_of_single_entries(Grouping $by, ?Grouping $then, ?Grouping $across, ?string $field, array $values, array $chargeCodes): void
    {
        $own = $field === null ? null : OwnFieldList::all()->named($field);
        foreach ([['2026-06-01', '2026-06-30'], ['2026-05-30', '2026-06-16'], ['2026-06-16', '2026-06-16']] as [$first, $last]) {
            foreach ([true, false] as $withPending) {
                $days = DayRange::between(Day::of($first), Day::of($last));
                $selection = new Selection(fieldValues: $values, fieldIsOfPeople: $own?->subject === FieldSubject::Person, chargeCodes: $chargeCodes);
                $terms = new ComparisonTerms($by, $selection, $days, Day::of('2026-06-17'), $withPending, $then, $across, Measure::cases(), $own);
                $found = $this->app->make(ComparisonReport::class)->comparison($terms, ComparableWork::all());
                $naive = (new NaiveComparison(ComparedDays::planned($days, Day::of('2026-06-17'))))->of($terms);

                self::assertSame(self::told($naive, $terms), self::told($found, $terms), "{$by->value} of $field from $first to $last");
                self::assertNotSame([], $found->groups());
            }
        }
    }

    /** @return iterable<string, array{Grouping, Grouping|null, Grouping|null, string|null, list<string>, list<string>}> */
    public static function questions(): iterable
    {
        yield 'by a field of entries' => [Grouping::OwnField, null, null, 'place', [], []];
        yield 'by it, then by person, across months' => [Grouping::OwnField, Grouping::Person, Grouping::Month, 'place', [], []];
        yield 'by project, then by it' => [Grouping::Project, Grouping::OwnField, Grouping::Week, 'place', [], []];
        yield 'by person, only where it holds one of two, or nothing' => [Grouping::Person, null, null, 'place', ['home', '-'], []];
        yield 'by a field of tasks' => [Grouping::OwnField, Grouping::Person, null, 'risk', [], []];
        yield 'by month, only tasks where it holds something' => [Grouping::Month, null, null, 'risk', ['high', 'low'], []];
        yield 'by a field of projects' => [Grouping::OwnField, Grouping::Month, null, 'ledger', [], []];
        yield 'by a field of people' => [Grouping::OwnField, Grouping::Team, null, 'union', [], []];
        yield 'by team, only people where it holds something' => [Grouping::Team, null, Grouping::Month, 'union', ['yes'], []];
        yield 'by charge code' => [Grouping::ChargeCode, null, Grouping::Week, null, [], []];
        yield 'by person, only one charge code' => [Grouping::Person, Grouping::Billable, null, null, [], ['WP2/TRV']];
        yield 'by charge code and a field of entries' => [Grouping::ChargeCode, Grouping::OwnField, null, 'place', [], []];
    }

    public function test_the_page_and_the_command_ask_the_same_and_a_figure_opens_to_its_entries(): void
    {
        $kit = $this->person('kit');
        $page = $this->actingAs($kit)->given('/compare?by=field&field=place&from=2026-06-01&to=2026-06-30&pending=in');

        self::assertSame([['-', '-', 510], ['home', 'At home', 267], ['client', 'At the client', 240], ['train', 'On the train', 60]], self::foundIn($page->value('comparison.groups')));
        self::assertSame(['actual', 'pending'], $page->value('comparison.measures'), 'plans have no place of work');
        self::assertSame(['place', 'miles', 'risk', 'ledger', 'union'], self::each($page->value('comparison.ownFields'), 'code'));

        $opened = $this->actingAs($kit)->given('/compare?by=field&field=place&value=home,client&from=2026-06-01&to=2026-06-30&pending=in&figure=actual&group=home');
        self::assertSame([507, 267, 3], [$opened->int('comparison.total.actual'), array_sum(array_filter(self::each($opened->value('comparison.opened.entries'), 'minutes'), is_int(...))), $opened->int('comparison.opened.allEntries')]);
        $nothing = $this->actingAs($kit)->given('/compare?by=field&field=union&value=-&from=2026-06-01&to=2026-06-30&figure=actual&group=-');
        self::assertSame(['bo'], self::each($nothing->value('comparison.opened.entries'), 'personCode'));
        $coded = $this->actingAs($kit)->given('/compare?by=charge-code&from=2026-06-01&to=2026-06-30&figure=actual&group=WP1/LAB');
        self::assertSame([240, 140], self::each($coded->value('comparison.opened.entries'), 'minutes'));

        Artisan::call('moss:compare', ['--by' => 'field', '--field' => 'place', '--from' => '2026-06-01', '--to' => '2026-06-30', '--pending' => true]);
        self::assertStringContainsString('home,"At home",0,0,267,127,267,', Artisan::output());
        self::assertSame(1, Artisan::call('moss:compare', ['--by' => 'field', '--from' => '2026-06-01', '--to' => '2026-06-30']));
        self::assertSame(1, Artisan::call('moss:compare', ['--by' => 'field', '--field' => 'nix', '--from' => '2026-06-01', '--to' => '2026-06-30']));
        self::assertSame('project', $this->actingAs($kit)->given('/compare?by=field&field=nix')->value('comparison.by'));
        $csv = $this->actingAs($kit)->get('/compare.csv?by=field&field=place&from=2026-06-01&to=2026-06-30')->streamedContent();
        self::assertStringContainsString('At home', $csv);
    }

    /** @return list<array{mixed, mixed, mixed}> code, name and actual of each */
    private static function foundIn(mixed $groups): array
    {
        self::assertIsIterable($groups);
        $told = [];
        foreach ($groups as $group) {
            self::assertIsArray($group);
            self::assertIsArray($group['row'] ?? null);
            $told[] = [$group['code'] ?? null, $group['name'] ?? null, $group['row']['actual'] ?? null];
        }
        usort($told, static fn (array $one, array $other): int => $other[2] <=> $one[2]);

        return $told;
    }

    /** @return array<array-key, mixed> */
    private static function told(Comparison $comparison, ComparisonTerms $terms): array
    {
        $row = static fn (ComparisonRow $row): array => array_map(static fn (Measure $measure): array => [$measure->amountOf($row), $measure->percentageOf($row), $measure->leftOutOf($row)], $terms->fitting());
        $told = [];
        foreach ($comparison->groups() as $code => $group) {
            $told[$code] = [$row($group->row), array_map($row, $group->periods)];
            foreach ($group->parts as $part => $made) {
                $told[$code.' then '.$part] = [$row($made->row), array_map($row, $made->periods)];
            }
        }

        return $told;
    }
}
