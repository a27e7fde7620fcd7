<?php

declare(strict_types=1);

namespace Tests\App\Effort;

use App\Effort\EffortScope;
use App\Effort\EstimateReader;
use App\Effort\PlanReader;
use App\Effort\RatesInForce;
use App\Effort\Recalculation\RecalculationQueue;
use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\RecalculationStep;
use App\Effort\Totals\VerifiedTotals;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Models\Person;
use App\Models\Role;
use App\Models\Task;
use App\Support\Database\Record;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\ForecastHistory;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\App\Projects\AwkwardData;
use Tests\App\TestCase;

/** Totals are stored; whatever is done, they are what entries, plans and estimates come to. */
final class StoredTotalsTest extends TestCase
{
    private const TODAY = '2026-06-17';

    private const ACTS = 48;

    /** Verifying takes longer than an act. */
    private const VERIFIED_AFTER = 3;

    /** How many selections were compared. */
    private int $comparisons = 0;

    #[DataProvider('seeds')]
    public function test_random_acts_leave_every_stored_total_right(int $seed): void
    {
        $this->import(AwkwardData::files($seed));
        Person::query()->where('code', 'nobody')->sole()->update(['access' => 'office']);
        $acts = new RandomActs($this->app, new Randomizer(new Mt19937($seed)), $this->folder(...));
        $refused = 0;
        $names = [];
        for ($number = 1; $number <= self::ACTS; $number++) {
            $names[] = $name = $acts->one();
            $refused += str_contains($name, 'refused') ? 1 : 0;
            if ($number % self::VERIFIED_AFTER === 0) {
                self::assertSame([], iterator_to_array($this->app->make(VerifiedTotals::class)->differences(), false), "seed $seed, act $number: ".implode('; ', $names));
                $names = [];
            }
            if ($number % 16 === 0) {
                $this->statusIsWhatTheCoreSays("seed $seed, act $number: $name");
                $this->comparisonIsWhatTheCoreSays("seed $seed, act $number: $name");
            }
        }
        self::assertLessThan(self::ACTS / 2, $refused, 'Most acts do something.');
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 4) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    public function test_the_command_finds_what_was_done_to_a_stored_figure_and_mends_it(): void
    {
        $this->import(AwkwardData::files(7));
        self::assertSame(0, Artisan::call('moss:verify'));

        DB::update('UPDATE recorded_weeks SET actual_minutes = actual_minutes + 1 WHERE (task_id, person_id, role_id, starts_on) = (SELECT task_id, person_id, role_id, starts_on FROM recorded_weeks LIMIT 1)');
        self::assertSame(1, Artisan::call('moss:verify'));
        self::assertStringContainsString('actual_minutes is stored as', Artisan::output());

        self::assertSame(0, Artisan::call('moss:verify', ['--recalculate' => true]));
        self::assertStringContainsString('All stored totals match the entries.', Artisan::output());
    }

    public function test_what_is_queued_is_said_on_every_page_until_it_is_worked_off(): void
    {
        $this->import(AwkwardData::files(3));
        $office = Person::query()->firstOrFail();
        $office->update(['access' => 'office']);
        $this->queue(RecalculationScope::workingTime());
        DB::table('planned_weeks')->increment('planned_minutes');
        $this->actingAs($office)->get('/projects')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.recalculated', 0));
        // An act that changes little does not wait for what is queued, nor does it take it for its own.
        $task = Task::query()->with('project')->firstOrFail();
        $this->app->make(ChangePlan::class)->handle($office, $task->project, [new PlanChange($task->id, [], ['budget' => '123.45'])]);
        self::assertSame(1, DB::table('recalculations')->count());

        self::assertSame(0, Artisan::call('moss:recalculate'));

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        $this->get('/projects')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.recalculated', null));
    }

    public function test_what_is_queued_is_worked_off_before_it_is_verified(): void
    {
        $this->import(AwkwardData::files(3));
        DB::table('task_figures')->increment('remaining_minutes');
        $this->queue(RecalculationScope::allTasks());

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame(0, DB::table('recalculations')->count());
    }

    public function test_costs_that_are_queued_while_the_application_is_upgraded_are_summed_up_too(): void
    {
        $this->import(AwkwardData::files(3));
        $migration = require database_path('migrations/2026_06_01_000059_sum_up_costs_after_people.php');
        self::assertInstanceOf(Migration::class, $migration);
        self::assertTrue(method_exists($migration, 'up') && method_exists($migration, 'down'));
        $migration->down();
        DB::table('rates')->update(['cost_rate' => '12.34']);
        DB::table('recalculations')->insert(['kind' => 'recorded_people', 'scope' => '{"from":"2026-01-01"}', 'units' => 1, 'queued_at' => '2026-06-17T10:00:00Z']);
        $migration->up();
        self::assertSame(['recorded_people', 'recorded_sums'], DB::table('recalculations')->orderBy('id')->pluck('kind')->all());

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame(0, DB::table('recalculations')->count());
    }

    public function test_work_that_stops_half_way_goes_on_where_it_was(): void
    {
        $this->import(AwkwardData::files(3));
        DB::table('task_figures')->increment('remaining_minutes');
        DB::table('planned_weeks')->increment('planned_minutes');
        $this->queue(RecalculationScope::allTasks());
        $step = $this->app->make(RecalculationStep::class);
        self::assertTrue($step->handle());
        $done = DB::table('recalculations')->value('units_done');
        self::assertIsInt($done);
        self::assertGreaterThan(0, $done);
        self::assertLessThan(DB::table('tasks')->count(), $done);

        // Whoever comes next has only what is in the database.
        self::assertSame(0, Artisan::call('moss:recalculate'));

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_progress_goes_on_from_one_piece_of_work_to_the_next(): void
    {
        $this->import(AwkwardData::files(3));
        $office = Person::query()->firstOrFail();
        $office->update(['access' => 'office']);
        $this->queue(RecalculationScope::workingTimeOf($office->id));
        $this->queue(RecalculationScope::costOfRole(Role::query()->firstOrFail()->id, '2026-06-01'));
        $this->queue(RecalculationScope::holiday('2026-06-17'));
        $this->queue(RecalculationScope::teamOf($office->id));
        $before = -1;
        do {
            $this->actingAs($office)->get('/projects')->assertInertia(function (AssertableInertia $page) use (&$before): void {
                $percent = data_get($page->toArray(), 'props.signedIn.recalculated', 100) ?? 100;
                self::assertGreaterThanOrEqual($before, $percent);
                $before = $percent;
            });
        } while ($this->app->make(RecalculationStep::class)->handle());

        self::assertSame(100, $before);
        self::assertSame(0, DB::table('recalculations')->count());
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_an_act_that_changes_much_leaves_nothing_behind_once_it_has_ended(): void
    {
        $this->import(AwkwardData::files(3));
        $rows = '';
        for ($number = 1; $number <= 200; $number++) {
            $rows .= "A,T$number,Task $number,40,2026-01-01,2028-12-31\n";
        }
        $this->import(['projects.csv' => "project,name,manager\nA,A,".Person::query()->firstOrFail()->code."\n", 'tasks.csv' => "project,task,name,planned,starts_on,ends_on\n".$rows]);

        self::assertSame(0, DB::table('recalculations')->count());
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_many_tasks_that_become_billable_change_the_months_of_all_of_them(): void
    {

        $this->import(AwkwardData::files(3));
        $import = function (string $billable): void {
            [$tasks, $entries] = ["project,task,name,billable\n", "person,project,task,date,hours,state\n"];
            for ($number = 1; $number <= 61; $number++) {
                $tasks .= "P,T$number,Task $number,$billable\n";
                $entries .= "ada,P,T$number,2026-06-17,0:10,approved\n";
            }
            $this->import(['tasks.csv' => $tasks, 'entries.csv' => $entries]);
        };
        $import('no');
        $notBillable = fn (): int => (int) DB::table('recorded_project_months')->where('month', '2026-06-01')->where('billable', 0)->sum('actual_minutes');
        $before = $notBillable();
        $import('yes');

        self::assertSame($before - 610, $notBillable());
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    /** @return iterable<string, array{string}> */
    public static function damages(): iterable
    {
        foreach ([
            'recorded_weeks' => ['actual_minutes', 'pending_cents', 'actual_hundredths', 'actual_bill_cents', 'pending_bill_unrated'], 'assignee_figures' => ['remaining_minutes', 'role_id'], 'planned_weeks' => ['planned_minutes'], 'recorded_months' => ['actual_minutes', 'pending_cents'], 'planned_months' => ['planned_minutes'], 'recorded_project_months' => ['pending_minutes', 'actual_bill_cents'], 'planned_project_months' => ['planned_minutes'], 'recorded_task_months' => ['pending_minutes', 'actual_bill_cents'], 'planned_task_months' => ['planned_minutes'], 'task_figures' => ['remaining_minutes', 'actual_cents'],
            'project_figures' => ['planned_minutes'], 'task_forecasts' => ['change_minutes'], 'project_forecasts' => ['change_minutes'], 'plan_steps' => ['minutes'],
        ] as $table => $columns) {
            foreach ($columns as $column) {
                yield $table.'.'.$column.' changed' => ["UPDATE $table SET $column = $column + 7"];
            }
            yield $table.' emptied' => ["DELETE FROM $table"];
        }
        yield 'a month of nobody' => ["INSERT INTO recorded_weeks (task_id, person_id, role_id, starts_on, actual_minutes) SELECT id, (SELECT min(id) FROM people), 0, '1999-01-01', 60 FROM tasks LIMIT 1"];
        yield 'a week of the past' => ["INSERT INTO planned_weeks (starts_on, task_id, planned_minutes) SELECT '1999-01-01', id, 60 FROM tasks LIMIT 1"];
        yield 'a step ahead' => ["INSERT INTO plan_steps (task_id, starting_on, minutes) SELECT id, '2031-01-01', 60 FROM tasks LIMIT 1"];
    }

    #[DataProvider('damages')]
    public function test_every_stored_total_is_verified_and_mended(string $damage): void
    {
        $this->import(AwkwardData::files(3));
        DB::connection()->getPdo()->exec($damage);
        self::assertSame(1, Artisan::call('moss:verify'));

        Artisan::call('moss:verify', ['--recalculate' => true]);
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_another_database_is_verified_where_it_lies_and_stays_as_it_is(): void
    {
        $copy = $this->folder().'/copy.sqlite';
        $environment = ['DB_DATABASE' => $copy, 'APP_CONFIG_CACHE' => base_path('build/none.php'), 'MOSS_TODAY' => '2026-06-17'];
        touch($copy);
        $run = static fn (string ...$command): Process => tap(new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $environment))->run();
        self::assertSame(0, $run('migrate', '--force')->getExitCode());
        self::assertSame(0, $run('moss:import', $this->folder(AwkwardData::files(3)))->getExitCode());
        $elsewhere = ['DB_DATABASE' => $this->folder().'/other.sqlite'] + $environment;
        $verify = static fn (string $path): Process => tap(new Process([PHP_BINARY, 'artisan', 'moss:verify', $path], base_path(), $elsewhere))->run();
        self::assertSame(0, $verify($copy)->getExitCode());
        self::assertStringNotContainsString('still to be recalculated', $verify($copy)->getOutput());

        $pdo = new \PDO('sqlite:'.$copy);
        $pdo->exec('UPDATE project_figures SET planned_minutes = planned_minutes + 1');
        $pdo->exec("INSERT INTO recalculations (kind, scope, queued_at) VALUES ('planned', '{}', '2026-06-17T10:00:00Z'), ('tasks', '{}', '2026-06-17T10:00:00Z')");
        unset($pdo);
        $broken = $verify($copy);
        self::assertStringContainsString('2 totals in this database were still to be recalculated', $broken->getOutput());
        self::assertSame(1, $broken->getExitCode());
        self::assertStringContainsString('project_figures', $broken->getErrorOutput());
    }

    /** Figures made of what is stored are those that the core makes of the entries themselves, task by task. */
    private function statusIsWhatTheCoreSays(string $when): void
    {
        $today = Day::of(self::TODAY);
        $stored = [];
        foreach ($this->app->make(StatusReport::class)->rows(StatusLevel::Task, $today) as $row) {
            $stored[$row->project.'/'.$row->task] = $row->figures;
        }
        $pricing = RatesInForce::load();
        $projects = array_values(array_filter(DB::table('projects')->pluck('id')->all(), is_int(...)));
        $entries = [];
        foreach (Record::all(DB::table('entries')->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('entries.*', 'people.code AS person', 'teams.code AS team', 'roles.code AS role')) as $one) {
            $entries[$one->int('task_id')][] = RecordedEffort::priced(new Entry($one->string('person'), $one->stringOrNull('team'), $one->stringOrNull('role'), Day::of($one->string('date')), Minutes::of($one->int('minutes')), EntryState::from($one->string('state'))), $pricing);
        }
        $estimates = EstimateReader::of(EffortScope::projects($projects));
        $plans = (new PlanReader)->of(EffortScope::projects($projects));
        foreach ($plans->tasks as $id => $task) {
            $effort = TaskEffort::of($task, $entries[$id] ?? [], $estimates[$id] ?? []);
            $figures = (new Forecasting($pricing, $today, $plans->capacities()))->ofTask($effort);
            self::assertEquals($figures, $stored[$task->project.'/'.$task->code], $when.', '.$task->project.'/'.$task->code);
            if ($task->ownPlanned !== null || $task->assignments !== []) {
                self::assertSame(self::forecast($figures), self::lastOf(ForecastHistory::changesOf($effort)), $when.', forecast of '.$task->code);
            }
        }
    }

    /** Comparisons made of what is stored are those that the core makes of every entry and every planned day. */
    private function comparisonIsWhatTheCoreSays(string $when): void
    {
        $report = $this->app->make(ComparisonReport::class);
        $today = Day::of(self::TODAY);
        $selections = ['everything' => new Selection, 'a team' => new Selection(teams: ['field']), 'people of a project' => new Selection(projects: ['P'], persons: ['ada', '007']), 'a client' => new Selection(clients: ['c1']), 'a manager, without internal time' => new Selection(managers: ['ada'], internal: false), 'what is billable' => new Selection(billable: true), 'a role' => new Selection(roles: ['dev'], billable: false)];
        foreach ([['2026-06-01', '2026-06-30'], ['2026-05-20', '2026-08-03'], ['2026-06-17', '2026-06-17'], ['2026-06-09', '2026-06-25'], ['2026-06-18', '2027-01-15']] as [$first, $last]) {
            $period = DayRange::between(Day::of($first), Day::of($last));
            $naive = new NaiveComparison(ComparedDays::planned($period, $today));
            foreach ($selections as $name => $selection) {
                // Another sixth of the groupings each time, alone or with one of some others, with periods across or without.
                for ($number = $this->comparisons++ % 6; $number < count(Grouping::cases()); $number += 6) {
                    $grouping = Grouping::cases()[$number];
                    $then = [null, Grouping::Person, Grouping::Project, Grouping::Week, Grouping::Role][$this->comparisons % 5];
                    $across = [null, Grouping::Month, Grouping::Week, Grouping::Quarter][$this->comparisons % 4];
                    $terms = new ComparisonTerms($grouping, $selection, $period, $today, $this->comparisons % 2 === 0, $then, $across, [Measure::USUAL, Measure::cases(), [Measure::Cost], [Measure::Utilisation, Measure::Forecast], [Measure::Margin, Measure::BillableShare]][$this->comparisons % 5]);
                    self::assertEquals($naive->of($terms), $report->comparison($terms, ComparableWork::all()), "$when, $first to $last by $grouping->value of $name");
                }
            }
        }
    }

    private function queue(RecalculationScope $scope): void
    {
        $this->app->make(RecalculationQueue::class)->add([$scope]);
    }

    private static function forecast(Figures $figures): int
    {
        return $figures->forecast()->toInt();
    }

    /** @param  array<string, Minutes>  $changes */
    private static function lastOf(array $changes): int
    {
        return Minutes::sum(array_values($changes))->toInt();
    }
}
