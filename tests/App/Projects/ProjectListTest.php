<?php

declare(strict_types=1);

namespace Tests\App\Projects;

use App\Features\Projects\Queries\ProjectList;
use Illuminate\Support\Facades\Artisan;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

final class ProjectListTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-03,24,approved,\nada,LENS,FIT,surveyor,2026-06-04,24,approved,\nada,LENS,FIT,surveyor,2026-06-05,24,approved,\nada,LENS,FIT,surveyor,2026-06-16,8,approved,\nada,LENS,FIT,surveyor,2026-06-17,14,draft,\n",
        ]));
        $this->import([
            'projects.csv' => "project,name,client,manager,starts_on,ends_on,internal,state\nBUOY,Buoy store,harbour,lee,2026-06-01,2026-06-30,no,open\nPIER,\"Pier, 100% oak\",,mo,2026-06-01,2026-06-30,no,open\n",
            'tasks.csv' => "project,task,name,phase,planned\nBUOY,PAINT,Paint,,10\nPIER,PLANK,Planks,,20\n",
        ]);
    }

    /** @param  list<string>  $codes */
    #[DataProvider('asked')]
    public function test_who_asks_for_what_gets_which_projects(string $person, string $query, array $codes): void
    {
        $this->actingAs($this->person($person))->get('/projects?'.$query)->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->where('list.projects', fn (mixed $projects): bool => self::each($projects, 'code') === $codes)->where('list.count', count($codes)));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function asked(): iterable
    {
        yield 'a manager sees their own, the heaviest first' => ['mo', '', ['LENS', 'PIER']];
        yield 'the office sees all, own time last' => ['kit', '', ['LENS', 'BUOY', 'PIER', 'OWN']];
        yield 'a viewer too' => ['vic', '', ['LENS', 'BUOY', 'PIER', 'OWN']];
        yield 'closed ones when asked for' => ['mo', 'state=closed', ['OLD']];
        yield 'all' => ['mo', 'state=all&sort=name', ['LENS', 'OLD', 'PIER']];
        yield 'by the words of a name' => ['kit', 'search=buoy', ['BUOY']];
        yield 'by client and manager together' => ['kit', 'search=harbour+lee', ['BUOY']];
        yield 'a percent sign is a percent sign' => ['kit', 'search=0%25', ['PIER']];
        yield 'by manager' => ['kit', 'manager=lee', ['BUOY']];
        yield 'only over plan' => ['kit', 'only=over+plan', ['LENS']];
        yield 'only with words that wait' => ['kit', 'only=estimates+waiting', []];
        yield 'sorted by hours planned' => ['kit', 'sort=planned', ['LENS', 'PIER', 'BUOY', 'OWN']];
        yield 'what the address says wrongly is not said' => ['mo', 'sort=luck&state=lost&only=me&page=-3&search[]=x', ['LENS', 'PIER']];
    }

    public function test_money_does_not_show_in_the_order_for_who_may_not_see_it(): void
    {
        foreach (['kit' => ['LENS'], 'vic' => []] as $person => $codes) {
            $this->actingAs($this->person($person))->get('/projects?only=over+budget')->assertInertia(fn (AssertableInertia $page) => $page
                ->where('list.projects', fn (mixed $projects): bool => self::each($projects, 'code') === $codes));
        }
    }

    public function test_figures_are_those_of_the_status_command_and_sums_are_of_all(): void
    {
        Artisan::call('moss:status', ['--format' => 'json', '--today' => '2026-06-17']);
        $status = PageProps::of(json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR))->rows();
        $byCode = array_combine(array_map(static fn (PageProps $row): string => $row->text('project'), $status), $status);
        $list = $this->actingAs($this->person('kit'))->given('/projects?state=all&sort=name');
        self::assertCount(count($status), $list->rows('list.projects'));
        foreach (['planned', 'actual', 'pending', 'remaining', 'forecast', 'variance'] as $figure) {
            foreach ($list->rows('list.projects') as $project) {
                self::assertSame($byCode[$project->text('code')]->int($figure), $project->int('figures.'.$figure));
            }
            self::assertSame($list->sum('list.projects', 'figures.'.$figure), $list->int('list.figures.'.$figure));
        }
        foreach ($list->rows('list.projects') as $project) {
            self::assertSame($byCode[$project->text('code')]->value('variance_pct'), $project->value('figures.variancePercentage'));
        }
    }

    public function test_the_trend_holds_the_forecast_of_twelve_weeks(): void
    {
        $lens = $this->actingAs($this->person('mo'))->given('/projects')->rows('list.projects')[0];

        self::assertCount(12, $lens->rows('trend'));
        self::assertSame($lens->int('figures.planned'), $lens->int('trend.0'), 'Before anything is recorded the forecast is the plan.');
        self::assertSame($lens->int('figures.forecast'), $lens->int('trend.11'));
    }

    public function test_many_are_shown_a_page_at_a_time_in_as_many_queries_as_few(): void
    {
        $this->actingAs($this->person('kit'));
        $this->get('/projects');
        $few = $this->queriesOf(fn () => $this->get('/projects'));
        $rows = ['projects.csv' => "project,name,client,manager,starts_on,ends_on,internal,state\n", 'tasks.csv' => "project,task,name,phase,planned\n"];
        foreach (range(1, 70) as $number) {
            $rows['projects.csv'] .= "M{$number},Many {$number},harbour,mo,2026-06-01,2026-06-30,no,open\n";
            $rows['tasks.csv'] .= "M{$number},T,Task,,1\n";
        }
        $this->import($rows);

        self::assertSame($few, $this->queriesOf(fn () => $this->get('/projects')));
        $this->get('/projects?page=2')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('list.count', 74)->where('list.page', 2)->where('list.pages', 2)->has('list.projects', 74 - ProjectList::AT_ONCE));
        $this->get('/projects?page=9')->assertInertia(fn (AssertableInertia $page) => $page->where('list.page', 2));
    }
}
