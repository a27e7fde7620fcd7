<?php

declare(strict_types=1);

namespace Tests\App\Figures;

use App\Features\Calendar\Queries\WorkingTime;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Figures\Queries\EstimatesInForce;
use App\Features\Figures\Queries\VerifiedFigures;
use App\Features\Projects\Queries\ProjectPlans;
use App\Features\Projects\Queries\RatesInForce;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Models\Person;
use App\Support\Database\Record;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
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

/** Figures are stored summed up; whatever is done, they are what the entries come to, at the end of the same transaction. */
final class StoredFiguresTest extends TestCase
{
    private const TODAY = '2026-06-17';

    private const ACTS = 48;

    #[DataProvider('seeds')]
    public function test_random_acts_leave_every_stored_figure_right(int $seed): void
    {
        $this->import(AwkwardData::files($seed));
        $random = new Randomizer(new Mt19937($seed));
        for ($number = 1; $number <= self::ACTS; $number++) {
            $acts = self::acts($random);
            $name = $random->pickArrayKeys($acts, 1)[0];
            DB::transaction($acts[$name]);
            self::assertSame([], iterator_to_array($this->app->make(VerifiedFigures::class)->differences(), false), "seed $seed, act $number: $name");
            if ($number % 8 === 0) {
                $this->statusIsWhatTheCoreSays("seed $seed, act $number: $name");
                $this->comparisonIsWhatTheCoreSays("seed $seed, act $number: $name");
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 6) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    public function test_the_command_finds_what_was_done_to_a_stored_figure_and_mends_it(): void
    {
        $this->import(AwkwardData::files(7));
        self::assertSame(0, Artisan::call('moss:verify'));

        DB::update('UPDATE recorded_months SET actual_minutes = actual_minutes + 1 WHERE (task_id, person_id, role_id, month) = (SELECT task_id, person_id, role_id, month FROM recorded_months LIMIT 1)');
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
        DB::connection()->getPdo()->exec('INSERT INTO outdated_efforts (task_id, queued) SELECT id, 1 FROM tasks');
        DB::connection()->getPdo()->exec('UPDATE task_days SET planned_minutes = planned_minutes + 1');
        $this->actingAs($office)->get('/projects')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.isRecalculating', true));
        // An act that changes little does not wait for what is queued, nor does it take it for its own.
        DB::transaction(static fn () => DB::table('tasks')->limit(1)->update(['budget_cents' => 12345]));
        self::assertGreaterThan(1, DB::table('outdated_efforts')->where('queued', 1)->count());

        self::assertSame(0, Artisan::call('moss:recalculate'));

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        $this->get('/projects')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.isRecalculating', false));
    }

    public function test_what_is_queued_is_worked_off_before_it_is_verified(): void
    {
        $this->import(AwkwardData::files(3));
        DB::connection()->getPdo()->exec('UPDATE task_figures SET remaining_minutes = remaining_minutes + 1');
        DB::connection()->getPdo()->exec('DELETE FROM outdated_efforts');
        DB::connection()->getPdo()->exec('INSERT INTO outdated_efforts (task_id, queued) SELECT id, 1 FROM tasks');

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame(0, DB::table('outdated_efforts')->count());
    }

    public function test_an_act_that_changes_much_leaves_nothing_behind_once_it_has_ended(): void
    {
        $this->import(AwkwardData::files(3));
        $rows = '';
        for ($number = 1; $number <= 200; $number++) {
            $rows .= "A,T$number,Task $number,40,2026-01-01,2028-12-31\n";
        }
        $this->import(['projects.csv' => 'project,name,manager'."\nA,A,".Person::query()->firstOrFail()->code."\n", 'tasks.csv' => "project,task,name,planned,starts_on,ends_on\n".$rows]);

        self::assertSame(0, DB::table('outdated_efforts')->count());
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    /** @return iterable<string, array{string}> */
    public static function damages(): iterable
    {
        foreach ([
            'recorded_months' => 'actual_minutes', 'task_months' => 'pending_cents', 'project_months' => 'actual_minutes', 'task_figures' => 'remaining_minutes', 'project_figures' => 'planned_minutes',
            'task_forecasts' => 'change_minutes', 'project_forecasts' => 'change_minutes', 'task_days' => 'planned_minutes', 'project_days' => 'planned_minutes', 'project_plan_months' => 'planned_minutes', 'plan_steps' => 'minutes',
        ] as $table => $column) {
            yield $table.' changed' => ["UPDATE $table SET $column = $column + 7"];
            yield $table.' emptied' => ["DELETE FROM $table"];
        }
        yield 'a month of nobody' => ["INSERT INTO recorded_months (task_id, person_id, role_id, month, actual_minutes) SELECT id, (SELECT min(id) FROM people), 0, '1999-01', 60 FROM tasks LIMIT 1"];
        yield 'a day of the past' => ["INSERT INTO project_days (date, project_id, planned_minutes) SELECT '1999-01-01', id, 60 FROM projects LIMIT 1"];
        yield 'a step ahead' => ["INSERT INTO plan_steps (task_id, starting_on, minutes) SELECT id, '2031-01-01', 60 FROM tasks LIMIT 1"];
    }

    #[DataProvider('damages')]
    public function test_every_stored_total_is_verified_and_mended(string $damage): void
    {
        $this->import(AwkwardData::files(3));
        // Past the application's connection, which would put right what triggers note as outdated.
        DB::connection()->getPdo()->exec($damage);
        DB::connection()->getPdo()->exec('DELETE FROM outdated_efforts');
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
        $pdo->exec('DELETE FROM outdated_efforts');
        $pdo->exec('INSERT INTO outdated_efforts (task_id, queued) SELECT id, 1 FROM tasks LIMIT 2');
        unset($pdo);
        $broken = $verify($copy);
        self::assertStringContainsString('2 totals in this database were still to be recalculated', $broken->getOutput());
        self::assertSame(1, $broken->getExitCode());
        self::assertStringContainsString('project_figures', $broken->getErrorOutput());
    }

    /** @return non-empty-array<string, Closure(): mixed> */
    private static function acts(Randomizer $random): array
    {
        $some = static function (string $table) use ($random): ?int {
            $ids = DB::table($table)->orderBy('id')->pluck('id')->all();
            $id = $ids === [] ? null : $ids[$random->getInt(0, count($ids) - 1)];

            return is_int($id) ? $id : null;
        };
        $day = static fn (): string => Day::of('2026-05-01')->plusDays($random->getInt(0, 80))->toString();
        $open = static fn (): ?int => ($id = DB::table('entries')->where('state', '<>', 'settled')->orderByRaw('(id * ?) % 101', [$random->getInt(1, 100)])->value('id')) === null || ! is_int($id) ? null : $id;

        return [
            'record' => static fn () => DB::table('entries')->insertOrIgnore(['person_id' => $some('people'), 'task_id' => $some('tasks'), 'role_id' => $random->getInt(0, 1) === 0 ? null : $some('roles'), 'date' => $day(), 'minutes' => $random->getInt(1, 600)]),
            'change' => static fn () => DB::table('entries')->where('id', $open())->update(['minutes' => $random->getInt(1, 1440)]),
            'clear' => static fn () => DB::table('entries')->where('id', $open())->delete(),
            'move' => static fn () => DB::table('entries')->where('id', $open())->update(['date' => '2027-01-'.sprintf('%02d', $random->getInt(1, 31)), 'corrects' => null]),
            'submit a day' => static fn () => DB::table('entries')->where('date', $day())->where('state', 'draft')->update(['state' => 'submitted']),
            'approve a person' => static fn () => DB::table('entries')->where('person_id', $some('people'))->where('state', 'submitted')->update(['state' => 'approved']),
            'settle' => static fn () => DB::table('entries')->where('date', '<', $day())->where('state', 'approved')->update(['state' => 'settled']),
            'update the estimate' => static fn () => DB::table('remaining_estimates')->insertOrIgnore(['person_id' => $some('people'), 'task_id' => $some('tasks'), 'estimated_on' => $day(), 'remaining_minutes' => $random->getInt(0, 3000), 'done' => $random->getInt(0, 3) === 0 ? 1 : 0]),
            'change the estimate' => static fn () => DB::table('remaining_estimates')->where('id', $some('remaining_estimates'))->update(['remaining_minutes' => $random->getInt(0, 900), 'done' => 0]),
            'take the estimate back' => static fn () => DB::table('remaining_estimates')->where('id', $some('remaining_estimates'))->delete(),
            'assign' => static fn () => DB::table('assignments')->insertOrIgnore(['task_id' => $some('tasks'), 'person_id' => $some('people'), 'planned_minutes' => $random->getInt(0, 5000), 'starts_on' => '2026-06-01', 'ends_on' => $random->getInt(0, 1) === 0 ? '2026-06-10' : '2026-07-10']),
            'plan otherwise' => static fn () => DB::table('assignments')->where('id', $some('assignments'))->update(['planned_minutes' => $random->getInt(0, 5000)]),
            'take off a task' => static fn () => DB::table('assignments')->where('id', $some('assignments'))->delete(),
            'plan a task' => static fn () => DB::table('tasks')->where('id', $some('tasks'))->update(['planned_minutes' => $random->getInt(0, 2) === 0 ? null : $random->getInt(0, 9000), 'budget_cents' => $random->getInt(0, 99999)]),
            'say done' => static fn () => DB::table('tasks')->where('id', $some('tasks'))->update(['done_on' => $random->getInt(0, 1) === 0 ? null : $day()]),
            'change team' => static fn () => DB::table('people')->where('id', $some('people'))->update(['team_id' => $random->getInt(0, 2) === 0 ? null : $some('teams')]),
            'change role' => static fn () => DB::table('people')->where('id', $some('people'))->update(['role_id' => $random->getInt(0, 2) === 0 ? null : $some('roles')]),
            'rate a person' => static fn () => DB::table('rates')->insertOrIgnore(['person_id' => $some('people'), 'role_id' => $random->getInt(0, 1) === 0 ? null : $some('roles'), 'starts_on' => $day(), 'cost_rate' => $random->getInt(1, 200).'.'.$random->getInt(10, 99)]),
            'rate a role' => static fn () => DB::table('rates')->insertOrIgnore(['role_id' => $some('roles'), 'starts_on' => $day(), 'cost_rate' => '77.77']),
            'another rate' => static fn () => DB::table('rates')->where('id', $some('rates'))->update(['cost_rate' => '12.34', 'starts_on' => $day()]),
            'a rate less' => static fn () => DB::table('rates')->where('id', $some('rates'))->delete(),
            'other dates for a task' => static fn () => DB::table('tasks')->where('id', $some('tasks'))->update(['starts_on' => $random->getInt(0, 2) === 0 ? null : '2026-05-'.sprintf('%02d', $random->getInt(1, 31)), 'ends_on' => $random->getInt(0, 2) === 0 ? null : '2026-07-'.sprintf('%02d', $random->getInt(1, 31))]),
            'other dates for a project' => static fn () => DB::table('projects')->where('id', $some('projects'))->update(['starts_on' => '2026-04-'.sprintf('%02d', $random->getInt(1, 30)), 'ends_on' => '2026-08-01']),
            'another pattern' => static fn () => DB::table('people')->where('id', $some('people'))->update(['pattern' => $random->getInt(0, 1) === 0 ? null : '8 0 4 8 2.5 0 0']),
            'another pattern for all' => static fn () => DB::table('organisations')->update(['pattern' => $random->getInt(0, 1) === 0 ? '8 8 8 8 8 0 0' : '7 7 7 7 4 0 0']),
            'a holiday' => static fn () => DB::table('holidays')->insertOrIgnore(['calendar_id' => $some('calendars'), 'date' => $day(), 'name' => 'Storm', 'part' => '0.5']),
            'a holiday less' => static fn () => DB::table('holidays')->where('id', $some('holidays'))->delete(),
            'a holiday moved' => static fn () => DB::update('UPDATE OR IGNORE holidays SET date = ? WHERE id = ?', [$day(), $some('holidays')]),
            'no rates' => static fn () => DB::table('rates')->delete(),
        ];
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
        $estimates = EstimatesInForce::ofProjects($projects);
        foreach ((new ProjectPlans(WorkingTime::load()))->ofProjects($projects) as $id => $task) {
            $effort = TaskEffort::of($task, $entries[$id] ?? [], $estimates[$id] ?? []);
            $figures = (new Forecasting($pricing, $today))->ofTask($effort);
            self::assertEquals($figures, $stored[$task->project.'/'.$task->code], $when.', '.$task->project.'/'.$task->code);
            if ($task->ownPlanned !== null || $task->assignments !== []) {
                self::assertSame(self::forecast($figures), self::lastOf(ForecastHistory::changesOf($effort)), $when.', forecast of '.$task->code);
            }
        }
    }

    /** What is stored of projects adds up to what the core makes of their tasks, in whole months and parts of them. */
    private function comparisonIsWhatTheCoreSays(string $when): void
    {
        $report = $this->app->make(ComparisonReport::class);
        $today = Day::of(self::TODAY);
        foreach ([['2026-06-01', '2026-06-30'], ['2026-05-20', '2026-08-03'], ['2026-04-01', '2026-07-31'], ['2026-06-17', '2026-06-17'], ['2026-06-09', '2026-06-25'], ['2026-06-18', '2027-01-15']] as [$first, $last]) {
            foreach ([false, true] as $withPending) {
                $period = DayRange::between(Day::of($first), Day::of($last));
                $slow = [];
                foreach ($report->comparison(Grouping::Task, new Selection(), $period, $today, $withPending)->rows() as $group => $row) {
                    $project = explode('/', (string) $group)[0];
                    $slow[$project] = ($slow[$project] ?? ComparisonRow::empty())->plus($row);
                }
                ksort($slow, SORT_STRING);
                self::assertEquals($slow, $report->comparison(Grouping::Project, new Selection(), $period, $today, $withPending)->rows(), "$when, $first to $last");
            }
        }
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
