<?php

declare(strict_types=1);

namespace Tests\App\Projects;

use App\Models\Entry;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Support\Facades\Artisan;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

final class ProjectPageTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state,note\n"
        ."ada,LENS,FIT,surveyor,2026-06-16,8,approved,North side\nada,LENS,FIT,surveyor,2026-06-17,4,draft,\nbo,LENS,FIT,,2026-06-17,2,approved,\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => self::ENTRIES,
            'remaining_estimates.csv' => "person,project,task,on,remaining,reason\nada,LENS,FIT,2026-06-16,30,Wet putty\n",
        ]));
        $this->letSeeCost('mo');
    }

    public function test_the_page_shows_the_figures_of_the_status_command(): void
    {
        Artisan::call('moss:status', ['--project' => ['LENS'], '--format' => 'json', '--today' => '2026-06-17']);
        $rows = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($rows);
        $status = $rows[0];
        self::assertIsArray($status);

        $this->actingAs($this->person('mo'))->get('/projects/LENS')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->component('Project')
            ->where('project.figures.planned', $status['planned'])
            ->where('project.figures.actual', $status['actual'])
            ->where('project.figures.pending', $status['pending'])
            ->where('project.figures.remaining', $status['remaining'])
            ->where('project.figures.forecast', $status['forecast'])
            ->where('project.figures.variance', $status['variance'])
            ->where('project.figures.money.plannedCost', $status['planned_cost'])
            ->where('project.figures.money.actualCost', $status['actual_cost'])
            ->where('project.figures.money.budgetLeft', $status['budget_left'])
            ->where('project.figures.money.unratedEntered', 120));
    }

    public function test_figures_open_to_entries_and_estimates(): void
    {
        $mo = $this->actingAs($this->person('mo'));

        $mo->get('/projects/LENS?figure=actual&task=FIT&assignee=person:ada')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('project.trace.minutes', 480)->where('project.trace.allEntries', 1)
            ->where('project.trace.entries.0.note', 'North side')->where('project.trace.assignee', 'Ada Moor'));
        $mo->get('/projects/LENS?figure=pending&task=FIT')->assertInertia(fn (AssertableInertia $page) => $page->where('project.trace.minutes', 240)->has('project.trace.entries', 1));
        $mo->get('/projects/LENS?figure=remaining&task=FIT')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('project.trace.assignees.0.estimated', 1800)->where('project.trace.assignees.0.reason', 'Wet putty')
            ->where('project.trace.assignees.0.remaining', 1560)->has('project.trace.entries', 0));
        $mo->get('/projects/LENS?figure=forecast&task=FIT&assignee=nobody')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('project.trace.minutes', 480)->where('project.trace.entries.0.person', 'Bo Carr'));
        $mo->get('/projects/LENS?figure=nothing')->assertInertia(fn (AssertableInertia $page) => $page->where('project.trace', null));
    }

    public function test_entries_are_counted_whether_settled_or_not(): void
    {
        $settled = static fn (string $person, string $day): string => "$person,LENS,FIT,,$day,1,settled\n";
        $header = "person,project,task,role,date,hours,state\n";
        $counted = function (string $figure): int {
            return $this->actingAs($this->person('mo'))->given('/projects/LENS?figure='.$figure.'&task=FIT')->int('project.trace.allEntries');
        };
        // Some on the first day of which anything is not settled, which is another task's.
        $this->import(['entries.csv' => $header.$settled('bo', '2026-05-28').$settled('bo', '2026-05-29').$settled('bo', '2026-06-01').$settled('lee', '2026-06-02')."bo,LENS,CLEAN,,2026-05-29,1,draft\n"]);
        self::assertSame([6, 1, 7], [$counted('actual'), $counted('pending'), $counted('forecast')]);

        Entry::query()->where('state', '<>', 'settled')->delete();
        self::assertSame([4, 0, 4], [$counted('actual'), $counted('pending'), $counted('forecast')]);
    }

    public function test_money_is_for_the_office_and_for_managers_whom_it_lets_see_it(): void
    {
        foreach (['mo' => true, 'kit' => true, 'vic' => false] as $person => $sees) {
            $this->actingAs($this->person($person))->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page
                ->where('project.figures.money', fn ($money): bool => ($money !== null) === $sees));
        }
    }

    public function test_without_that_no_figure_of_a_manager_s_pages_gives_away_what_anybody_costs(): void
    {
        $this->person('mo')->update(['sees_cost' => false]);
        $this->actingAs($this->person('mo'));
        foreach (['/projects/LENS', '/projects/LENS?figure=forecast', '/projects/LENS?figure=planned&task=FIT', '/projects/LENS/plan', '/projects', '/review', '/review/effect?projects=LENS'] as $address) {
            $answer = $this->get($address)->assertOk();
            // The rest of a page has names of built files, made of digits that mean nothing.
            $shown = str_contains((string) $answer->headers->get('Content-Type'), 'json')
                ? (string) $answer->getContent()
                : json_encode($answer->inertiaProps(), JSON_THROW_ON_ERROR);
            // 8 h at 87.65, in any form; the budget of 5000.00 is the manager's own.
            foreach (['87.65', '8765', '701.2', '70120', '2804.8', '280480', 'Cost":"', 'earnedValue":{'] as $trace) {
                self::assertStringNotContainsString($trace, $shown, $address);
            }
        }
    }

    public function test_the_page_takes_the_same_number_of_queries_however_much_is_recorded(): void
    {
        $this->actingAs($this->person('mo'));
        $this->get('/projects/LENS');
        $few = $this->queriesOf(fn () => $this->get('/projects/LENS?figure=forecast'));
        $rows = '';
        foreach (range(1, 28) as $day) {
            $rows .= sprintf("ada,LENS,FIT,surveyor,2026-05-%02d,1\nlee,LENS,CLEAN,,2026-05-%02d,1\n", $day, $day);
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours\n".$rows]);

        self::assertSame($few, $this->queriesOf(fn () => $this->get('/projects/LENS?figure=forecast')));
    }

    public function test_a_phase_opens_and_entries_lead_to_weeks(): void
    {
        $this->actingAs($this->person('mo'))->get('/projects/LENS?figure=actual&phase=Refit')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('project.trace.phase', 'Refit')->where('project.trace.minutes', 600)->has('project.trace.entries', 2)
            ->where('project.trace.entries.0.personCode', 'bo')->where('project.trace.entries.0.week', '2026-W25'));
        $this->get('/projects/LENS?figure=actual&phase=')->assertInertia(fn (AssertableInertia $page) => $page->where('project.trace.minutes', 0));
    }

    public function test_it_shows_what_needs_attention_to_those_who_may_see_it(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-11,24,approved\nada,LENS,FIT,surveyor,2026-06-10,24,approved\nada,LENS,FIT,surveyor,2026-06-12,24,approved\n"]);
        foreach (['mo', 'vic'] as $person) {
            $this->actingAs($this->person($person))->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page
                ->where('project.attention', function (mixed $remarks) use ($person): bool {
                    $kinds = self::each($remarks, 'kind');

                    return in_array('over budget', $kinds, true) === ($person === 'mo') && in_array('over plan', $kinds, true);
                }));
        }
    }

    public function test_a_waiting_estimate_shows_its_effect(): void
    {
        Project::query()->where('code', 'LENS')->sole()->update(['estimate_mode' => 'approve']);
        $fit = $this->task('FIT')->id;
        $before = $this->actingAs($this->person('mo'))->given('/projects/LENS')->int('project.figures.forecast');
        $this->actingAs($this->person('ada'))->putJson('/people/ada/tasks/'.$fit.'/remaining', ['hours' => '36', 'done' => 'no', 'reason' => 'More cracks'])->assertOk();

        $this->actingAs($this->person('mo'))->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page
            ->has('project.waiting', 1)->where('project.mayDecide', true)
            ->where('project.waiting.0.person', 'Ada Moor')->where('project.waiting.0.reason', 'More cracks')
            ->where('project.waiting.0.before', 1560)->where('project.waiting.0.after', 2160)
            ->where('project.waiting.0.forecastBefore', $before)->where('project.waiting.0.forecastAfter', $before + 600));
        $this->actingAs($this->person('vic'))->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('project.mayDecide', false)->where('project.waiting.0.costBefore', null));
    }

    public function test_what_comes_after_the_page_is_drawn_from_the_same_figures(): void
    {
        $page = $this->actingAs($this->person('mo'))->given('/projects/LENS', true);

        self::assertSame('2026-06-15', $page->value('progress.thisWeek'));
        foreach (['actual', 'pending', 'remaining'] as $figure) {
            self::assertSame($page->int('project.figures.'.$figure), $page->sum('progress.weeks', $figure));
        }
        $weeks = $page->rows('progress.weeks');
        self::assertSame($page->int('project.figures.forecast'), $weeks[count($weeks) - 1]->int('forecastSoFar'));
        $people = self::each($page->value('progress.people'), 'name');
        self::assertContains('Ada Moor', $people);
        self::assertContains('Bo Carr', $people, 'Who only recorded is on it too.');
        self::assertSame([840, 240], [$page->int('changes.entered'), $page->int('changes.pending')]);
    }

    public function test_what_was_done_to_a_plan_this_week_names_its_tasks_and_people(): void
    {
        $mo = $this->person('mo');
        $task = Task::query()->where('code', 'FIT')->sole()->id;
        $this->actingAs($mo)->postJson('/projects/LENS/plan', ['lines' => [['who' => 'lee', 'planned' => '4', 'startsOn' => '2026-06-17', 'endsOn' => '2026-06-18']], 'under' => $task])->assertOk();

        $acts = $this->given('/projects/LENS', true)->rows('changes.acts');
        self::assertSame(['add', 'Fit the lens', 'Lee Tor'], [$acts[0]->text('act'), $acts[0]->text('on'), $acts[0]->text('person')]);
        self::assertContains(['what' => 'person', 'before' => null, 'after' => 'Lee Tor'], (array) $acts[0]->value('changes'));
    }

    public function test_every_row_shows_the_figures_of_the_status_command(): void
    {
        $figures = ['planned', 'actual', 'pending', 'remaining', 'forecast', 'variance'];
        $money = ['plannedCost' => 'planned_cost', 'actualCost' => 'actual_cost', 'forecastCost' => 'forecast_cost', 'budget' => 'budget', 'budgetLeft' => 'budget_left', 'unratedPlanned' => 'unrated_planned', 'unratedEntered' => 'unrated_entered'];
        $rows = $this->actingAs($this->person('mo'))->given('/projects/LENS')->rows('project.rows');
        $compared = 0;
        foreach (['phase' => 'phase', 'task' => 'task', 'assignee' => 'assignee'] as $level => $column) {
            Artisan::call('moss:status', ['--project' => ['LENS'], '--level' => $column, '--format' => 'json', '--today' => '2026-06-17']);
            foreach (PageProps::of(json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR))->rows() as $status) {
                $shown = array_values(array_filter($rows, static fn (PageProps $row): bool => $row->value('level') === $level && match ($level) {
                    'phase' => $row->value('name') === $status->value('phase'),
                    'task' => $row->value('task') === $status->value('task'),
                    default => $row->value('task') === $status->value('task') && in_array($row->value('assignee'), ['person:'.$status->text('assignee'), 'team:'.$status->text('assignee'), $status->text('assignee') === 'unassigned' ? 'nobody' : ''], true),
                }));
                self::assertCount(1, $shown, $level.' '.json_encode($status->value($column)));
                foreach ($figures as $figure) {
                    self::assertSame($status->int($figure), $shown[0]->int('figures.'.$figure), $level.' '.$figure);
                }
                foreach ($money as $onPage => $inStatus) {
                    // Where nothing of a cost is known, the command prints the nothing and the page says so.
                    self::assertSame($status->value($inStatus), $shown[0]->value('figures.money.'.$onPage) ?? ($inStatus === 'budget' || $inStatus === 'budget_left' ? null : '0.00'), $level.' '.$onPage);
                }
                $compared++;
            }
        }
        self::assertGreaterThan(8, $compared);
    }

    public function test_what_an_entry_costs_is_shown_to_whom_it_may(): void
    {
        foreach (['mo' => ['701.20', null], 'vic' => [null, null]] as $person => [$ada, $bo]) {
            $entries = $this->actingAs($this->person($person))->given('/projects/LENS?figure=actual&task=FIT')->rows('project.trace.entries');
            self::assertSame(['Bo Carr' => $bo, 'Ada Moor' => $ada], array_combine(
                array_map(static fn (PageProps $entry): string => $entry->text('person'), $entries),
                array_map(static fn (PageProps $entry): mixed => $entry->value('cost'), $entries),
            ));
        }
    }
}
