<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonAddress;
use App\Features\Compare\Queries\ComparisonReport;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\ComparisonRow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class ComparePageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => <<<'CSV'
                person,project,task,role,date,hours,state,note
                ada,LENS,FIT,surveyor,2026-06-16,8,approved,Ring one
                ada,LENS,FIT,senior,2026-06-17,3,draft,
                ada,LENS,DRAW,,2026-06-03,9,approved,
                ada,OWN,TRAIN,,2026-06-04,2,approved,
                bo,LENS,CLEAN,,2026-06-17,1.5,approved,
                bo,OWN,TRAIN,,2026-06-18,4,approved,
                ada,OLD,SCRAP,,2026-03-04,6,approved,

                CSV,
        ]));
    }

    /** @param  array<string, array{int, int, int, int}>  $expected  minutes planned, to date, actual, pending */
    #[DataProvider('questions')]
    public function test_who_asks_what_gets_which_groups(string $person, string $query, array $expected): void
    {
        $comparison = $this->compare($person, $query);
        $groups = [];
        foreach ($comparison->rows('groups') as $group) {
            $groups[$group->text('code')] = array_map(static fn (string $figure): int => $group->int("row.$figure"), ['planned', 'toDate', 'actual', 'pending']);
        }

        self::assertSame($expected, $groups);
        foreach (['planned', 'toDate', 'actual', 'pending'] as $number => $figure) {
            self::assertSame(array_sum(array_column($expected, $number)), $comparison->int("total.$figure"), $figure);
        }
        self::assertSame(count($expected), $comparison->int('count'));
    }

    /** @return iterable<string, array{string, string, array<string, array{int, int, int, int}>}> */
    public static function questions(): iterable
    {
        $june = 'from=2026-06-01&to=2026-06-30';
        // Of 8 h for the team, and 8 h that nobody is assigned and that last until the end of July, 13.25 h fall in June.
        $lens = [2400 + 795, 780 + 510, 1110, 180];
        yield 'the office sees everything, what is furthest from its plan first' => ['kit', $june, ['OWN' => [0, 0, 360, 0], 'LENS' => $lens]];
        yield 'a viewer too' => ['vic', $june, ['OWN' => [0, 0, 360, 0], 'LENS' => $lens]];
        yield 'a manager sees their projects, whoever records on them' => ['mo', $june, ['LENS' => $lens]];
        yield 'a line manager sees all that their people record and are planned for, and nothing else' => ['lee', $june, ['LENS' => [2400, 780, 1020, 180], 'OWN' => [0, 0, 120, 0]]];
        yield 'by name' => ['kit', $june.'&sort=name', ['LENS' => $lens, 'OWN' => [0, 0, 360, 0]]];
        yield 'without internal time' => ['kit', $june.'&internal=out', ['LENS' => $lens]];
        yield 'pending time counted' => ['kit', $june.'&internal=out&pending=in', ['LENS' => [2400 + 795, 780 + 510, 1290, 180]]];
        yield 'by person, of a project' => ['kit', $june.'&by=person&project=LENS', ['-' => [795, 510, 0, 0], 'ada' => [2400, 780, 1020, 180], 'bo' => [0, 0, 90, 0]]];
        yield 'an entry in its own role' => ['kit', $june.'&by=role&person=ada&project=LENS', ['surveyor' => [2400, 780, 1020, 0], 'senior' => [0, 0, 0, 180]]];
        yield 'periods in their order' => ['kit', 'from=2026-03-01&to=2026-06-30&by=month&person=ada&internal=out', ['2026-03' => [105, 105, 360, 0], '2026-06' => [2400, 780, 1020, 180]]];
        yield 'several people' => ['kit', $june.'&by=person&person=ada,bo,nobody&internal=only', ['bo' => [0, 0, 240, 0], 'ada' => [0, 0, 120, 0]]];
        yield 'a team of which there is none' => ['kit', $june.'&team=sea', []];
        yield 'what the address says wrongly is not said' => ['kit', 'by=luck&then=x&across=task&period=soon&from=2026-07-01&to=2026-06-01&tolerance=1000&sort=x&page=99&person[]=ada&internal=maybe&figure=x&period=this-week', ['LENS' => [1500, 870, 570, 180], 'OWN' => [0, 0, 240, 0]]];
    }

    public function test_a_period_moves_with_today_and_is_this_quarter_unless_said(): void
    {
        foreach (['' => ['2026-04-01', '2026-06-30'], 'period=last-month' => ['2026-05-01', '2026-05-31'], 'period=next-2-weeks' => ['2026-06-22', '2026-07-05'], 'from=2026-06-03&to=2026-06-04' => ['2026-06-03', '2026-06-04']] as $query => $days) {
            $comparison = $this->compare('kit', $query);
            self::assertSame($days, [$comparison->text('first'), $comparison->text('last')], $query);
        }
    }

    public function test_parts_and_periods_stand_with_their_group_and_add_up_to_it(): void
    {
        $comparison = $this->compare('kit', 'from=2026-06-01&to=2026-07-31&by=client&then=person&across=month&sort=name');
        self::assertSame(['2026-06', '2026-07'], $comparison->value('periods'));
        foreach ($comparison->rows('groups') as $group) {
            foreach (['planned', 'toDate', 'actual', 'pending'] as $figure) {
                $of = $group->int("row.$figure");
                self::assertSame($of, $group->sum('parts', "row.$figure"));
                if ($figure !== 'toDate') {
                    self::assertSame($of, $group->sum('periods', $figure));
                }
            }
        }
        self::assertSame($comparison->int('total.actual'), $comparison->sum('totals', 'actual'));
        self::assertSame('Harbour Board', $comparison->text('groups.1.name'));
    }

    /** Groups are read first, and what they are made of only of those that are shown. */
    #[TestWith(['kit'])]
    #[TestWith(['vic'])]
    #[TestWith(['mo'])]
    #[TestWith(['lee'])]
    public function test_what_is_read_of_some_groups_is_what_is_read_of_all(string $person): void
    {
        $reader = $this->person($person);
        // A month in which there is nothing else.
        Expense::query()->create([
            'person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'expense_category_id' => ExpenseCategory::query()->create(['code' => 'meals', 'name' => 'Meals'])->id,
            'date' => '2026-11-10', 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100, 'state' => 'approved',
        ]);
        $work = ComparableWork::of($reader);
        $report = $this->app->make(ComparisonReport::class);
        $figures = static fn (ComparisonRow $row): array => [$row->planned, $row->actual, $row->pending];
        foreach ([
            ...array_map(static fn (string $by): string => "by=$by&then=task&across=month&from=2026-02-10&to=2026-07-10", ['project', 'client', 'manager', 'person', 'team', 'role', 'phase', 'month', 'charge-code', 'billable']),
            'by=team&then=client&across=month&from=2026-06-03&to=2026-06-30&internal=out&show=planned,actual,remaining,cost',
            'by=client&across=week&from=2026-06-03&to=2026-06-30&team=field&pending=in',
            'by=client&then=task&across=month&from=2026-02-10&to=2026-12-31&show=planned,actual,cost',
        ] as $query) {
            $terms = ComparisonAddress::saved($query)->question($reader, Day::of('2026-06-17'))->terms;
            $whole = $report->comparison($terms, $work);
            self::assertNotSame([], $whole->groups(), $query);
            foreach ($whole->groups() as $code => $group) {
                self::assertEquals([$code => $group], $report->comparison($terms->among([(string) $code]), $work)->groups(), "$query: $code");
            }
            self::assertEquals($whole->rows(), $report->comparison($terms->ofGroups(), $work)->rows(), $query);
            $ofPeriods = $terms->ofPeriods();
            self::assertEquals(array_map($figures, $whole->periods()), $ofPeriods === null ? [] : array_map($figures, $report->comparison($ofPeriods, $work)->rows()), $query);
        }
    }

    #[TestWith(['by=client&then=project&across=month', true])]
    #[TestWith(['by=task&then=person', true])]
    #[TestWith(['by=client&then=project', false])]
    #[TestWith(['by=billable&then=task&across=month', false])]
    #[TestWith(['by=team&across=month&show=utilisation', false])]
    #[TestWith(['by=project', false])]
    public function test_groups_are_read_first_only_where_that_saves_reading(string $query, bool $isInTwo): void
    {
        $reader = $this->person('kit');
        $terms = ComparisonAddress::saved($query)->question($reader, Day::of('2026-06-17'))->terms;

        self::assertSame($isInTwo, $this->app->make(ComparisonReport::class)->isReadInTwo($terms, ComparableWork::of($reader)));
    }

    public function test_of_many_parts_the_first_are_shown_and_how_many_there_are_is_said(): void
    {
        $people = "person,name,email,access\n";
        $entries = "person,project,task,role,date,hours,state,note\n";
        for ($number = 10; $number < 40; $number++) {
            $people .= "x$number,X $number,x$number@lighthouse.example,member\n";
            $entries .= "x$number,OWN,TRAIN,,2026-06-0".($number % 5 + 1).",1,approved,\n";
        }
        $this->import(['people.csv' => $people, 'entries.csv' => $entries]);
        $own = $this->compare('kit', 'from=2026-06-01&to=2026-06-30&then=person&project=OWN')->rows('groups')[0];

        self::assertSame([25, 7], [count($own->rows('parts')), $own->int('moreParts')]);
        self::assertSame(['bo', 'ada', 'x10'], array_map(static fn (PageProps $part): string => $part->text('code'), array_slice($own->rows('parts'), 0, 3)));
    }

    #[DataProvider('acrosses')]
    public function test_periods_across_are_no_more_than_one_can_read(string $asked, string $last, ?string $across): void
    {
        self::assertSame($across, $this->compare('kit', "across=$asked&from=2026-01-01&to=$last")->value('across'));
    }

    /** @return iterable<array{string, string, string|null}> */
    public static function acrosses(): iterable
    {
        yield ['week', '2026-12-31', 'week'];
        yield ['week', '2027-06-30', 'month'];
        yield ['month', '2028-12-31', 'month'];
        yield ['week', '2029-12-31', 'quarter'];
        yield ['quarter', '2026-03-31', 'quarter'];
        yield ['project', '2026-03-31', null];
    }

    public function test_how_groups_stand_is_counted(): void
    {
        $comparison = $this->compare('kit', 'from=2026-06-01&to=2026-06-30&by=task&tolerance=20');

        self::assertSame([1, 2, 1, 0], [$comparison->int('over'), $comparison->int('under'), $comparison->int('unplanned'), $comparison->int('onTrack')]);
    }

    #[DataProvider('openedFigures')]
    public function test_an_opened_figure_is_what_its_tasks_people_and_entries_come_to(string $person, string $query, int $minutes, int $entries): void
    {
        $comparison = $this->compare($person, 'from=2026-06-01&to=2026-06-30&'.$query);

        self::assertSame($minutes, $comparison->int('opened.value.amount'));
        self::assertSame($minutes, $comparison->sum('opened.parts', 'amount'));
        self::assertSame($entries, $comparison->int('opened.allEntries'));
        if ($entries > 0) {
            self::assertSame($minutes, $comparison->sum('opened.entries', 'minutes'));
        }
    }

    /** @return iterable<string, array{string, string, int, int}> */
    public static function openedFigures(): iterable
    {
        yield 'actual of a project' => ['kit', 'figure=actual&group=LENS', 1110, 3];
        yield 'pending of a project' => ['kit', 'figure=pending&group=LENS', 180, 1];
        yield 'actual with pending time counted' => ['kit', 'figure=actual&group=LENS&pending=in', 1290, 4];
        yield 'planned of a project' => ['kit', 'figure=planned&group=LENS', 3195, 0];
        yield 'planned to date' => ['kit', 'figure=planned-to-date&group=LENS', 1290, 0];
        yield 'the whole' => ['kit', 'figure=actual', 1470, 5];
        yield 'the whole of a manager' => ['mo', 'figure=actual', 1110, 3];
        yield 'a group that a manager may not see' => ['mo', 'figure=actual&group=OWN', 0, 0];
        yield 'a part' => ['kit', 'figure=actual&then=person&group=LENS&part=bo', 90, 1];
        yield 'what has no client' => ['kit', 'figure=actual&by=client&group=-', 360, 2];
        yield 'a phase' => ['kit', 'figure=actual&by=phase&group=LENS/Refit', 570, 2];
        yield 'what has no phase' => ['kit', 'figure=actual&by=phase&group=LENS/-', 540, 1];
        yield 'a task' => ['kit', 'figure=actual&by=task&group=LENS/FIT', 480, 1];
        yield 'a person in a week' => ['kit', 'figure=actual&by=person&across=week&group=ada&at=2026-W23', 660, 2];
        yield 'a month' => ['kit', 'figure=actual&by=month&group=2026-06', 1470, 5];
        yield 'a quarter' => ['kit', 'figure=actual&by=quarter&group=2026-Q2', 1470, 5];
        yield 'a team' => ['kit', 'figure=actual&by=team&group=field', 1140, 3];
        yield 'a project manager' => ['kit', 'figure=actual&by=manager&group=kit', 360, 2];
        yield 'a role that is the usual one' => ['kit', 'figure=actual&by=role&group=surveyor&project=LENS', 1020, 2];
        yield 'a charge code of which there is none' => ['kit', 'figure=actual&by=charge-code&group=X', 0, 0];
        yield 'an own role, pending' => ['kit', 'figure=pending&by=role&group=senior', 180, 1];
        yield 'no role, neither own nor usual' => ['kit', 'figure=actual&by=role&group=-', 330, 2];
        yield 'no charge code' => ['kit', 'figure=actual&by=charge-code&group=-', 1470, 5];
        yield 'no such month' => ['kit', 'figure=actual&by=month&group=2026-13', 0, 0];
    }

    public function test_an_opened_figure_says_of_what_it_is(): void
    {
        $names = $this->compare('kit', 'from=2026-06-01&to=2026-06-30&by=client&then=person&across=month&figure=actual&group=harbour&part=ada&at=2026-06')->rows('opened.names');

        self::assertSame([['client', 'harbour', 'Harbour Board'], ['person', 'ada', 'Ada Moor'], ['month', '2026-06', '2026-06']], array_map(static fn (PageProps $name): array => [$name->text('grouping'), $name->text('code'), $name->text('name')], $names));
        self::assertSame([], $this->compare('kit', 'figure=actual')->rows('opened.names'));
    }

    public function test_an_entry_leads_to_its_week_for_who_may_see_that(): void
    {
        foreach (['kit' => '2026-W25', 'mo' => '2026-W25', 'vic' => null] as $person => $week) {
            self::assertSame($week, $this->compare($person, 'from=2026-06-01&to=2026-06-30&figure=actual&by=task&group=LENS/FIT')->value('opened.entries.0.week'), $person);
        }
    }

    public function test_the_file_has_the_figures_of_the_page(): void
    {
        $this->import(['projects.csv' => "project,name,client,manager,starts_on,ends_on,internal,state\nLENS,=Lens refit,harbour,mo,2026-06-01,2026-07-31,no,open\n"]);
        $response = $this->actingAs($this->person('kit'))->get('/compare.csv?from=2026-06-01&to=2026-06-30&then=person&across=month&sort=name&show=planned,planned-to-date,actual,pending,variance,variance-pct')->assertOk();

        self::assertSame('text/csv; charset=utf-8', $response->headers->get('Content-Type'));
        self::assertSame('attachment; filename=comparison-project-2026-06-01-to-2026-06-30.csv', $response->headers->get('Content-Disposition'));
        self::assertSame(<<<'CSV'
            group,name,part,part_name,planned,planned_to_date,actual,pending,variance,variance_pct,"2026-06 planned","2026-06 actual"
            LENS,"'=Lens refit",,,3195,1290,1110,180,-2085,-65.3,3195,1110
            LENS,"'=Lens refit",-,-,795,510,0,0,-795,-100.0,795,0
            LENS,"'=Lens refit",ada,"Ada Moor",2400,780,1020,180,-1380,-57.5,2400,1020
            LENS,"'=Lens refit",bo,"Bo Carr",0,0,90,0,90,,0,90
            OWN,"Our own time",,,0,0,360,0,360,,0,360
            OWN,"Our own time",ada,"Ada Moor",0,0,120,0,120,,0,120
            OWN,"Our own time",bo,"Bo Carr",0,0,240,0,240,,0,240
            total,,,,3195,1290,1470,180,-1725,-54.0,3195,1470

            CSV, str_replace("\r", '', $response->streamedContent()));
    }

    public function test_what_is_asked_in_words_is_understood_before_it_runs(): void
    {
        $asked = PageProps::of($this->actingAs($this->person('kit'))->getJson('/compare/asked?text='.rawurlencode('planned vs actual by person last month field team zzz'))->assertOk()->json());

        self::assertSame('by=person&period=last-month&team=field&tolerance=10&sort=attention&show=planned%2Cplanned-to-date%2Cactual%2Cdifference', $asked->text('address'));
        self::assertSame([['Field'], ['zzz'], '2026-05-31'], [$asked->value('names'), $asked->value('unknown'), $asked->text('last')]);
        self::assertSame('task', $this->compare('kit', $this->address('kit', 'lens refit'))->text('by'), 'Of one project its tasks.');
    }

    public function test_a_question_in_words_tells_nobody_more_than_they_may_see(): void
    {
        $asked = PageProps::of($this->actingAs($this->person('mo'))->getJson('/compare/asked?text=cost+by+client')->json());
        self::assertSame([['actual'], ['cost']], [$asked->value('measures'), $asked->value('notOffered')]);
        $this->actingAs($this->person('ada'))->getJson('/compare/asked?text=cost')->assertForbidden();
    }

    private function address(string $person, string $text): string
    {
        return PageProps::of($this->actingAs($this->person($person))->getJson('/compare/asked?text='.rawurlencode($text))->json())->text('address');
    }

    private function compare(string $person, string $query): PageProps
    {
        $props = null;
        $this->actingAs($this->person($person))->get('/compare?'.$query)->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $page->component('Compare');
            $props = PageProps::of($page->toArray())->value('props.comparison');
        });

        return PageProps::of($props);
    }
}
