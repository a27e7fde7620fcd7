<?php

declare(strict_types=1);

namespace Tests\App\Http;

use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\EntryState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What belongs to one person or project is found by indexes, however many others there are. */
final class ReadsByIndexTest extends TestCase
{
    /** Tables that grow with the organisation, under the names that queries give them. */
    private const LARGE = '/^SCAN (people|approvers|recorders|line_managers|managers|tasks|assignments|entries|expenses|recorded_weeks|planned_weeks|task_figures|assignee_figures|remaining_estimates|messages|audit_trail|appointments|stretches|corrections|findings|finding_explanations)\b/';

    #[DataProvider('pages')]
    public function test_a_page_of_one_reads_no_table_whole(string $who, string $address): void
    {
        $this->organisation();
        $this->actingAs($this->person($who));

        self::assertSame([], self::scansOf(fn () => $this->get($address)->assertOk()));
    }

    public function test_what_changes_one_reads_no_table_whole(): void
    {
        $this->organisation();

        $this->actingAs($this->person('ada'));
        $cell = ['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-17', 'hours' => '3', 'seen' => null];
        self::assertSame([], self::scansOf(fn () => $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => [$cell]])->assertOk()->assertJsonPath('cells.0.outcome', 'saved')));
        self::assertSame([], self::scansOf(fn () => $this->post('/people/ada/days/2026-W25/submission')->assertRedirect()));
        self::assertSame(EntryState::Submitted, $this->entry('ada', 'FIT', '2026-06-17')?->state);
        $expense = ['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'expense_category_id' => ExpenseCategory::query()->create(['code' => 'meals', 'name' => 'Meals'])->id, 'date' => '2026-06-17', 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100];
        self::assertSame([], self::scansOf(static fn () => Expense::query()->create($expense)));
        $task = Task::query()->create(['project_id' => $this->task('FIT')->project_id, 'code' => 'SPARE', 'name' => 'Spare']);
        self::assertSame([], self::scansOf(static fn () => Task::query()->whereKey($task->id)->delete()));
    }

    private function organisation(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,submitted\nada,LENS,FIT,surveyor,2026-06-09,2,approved\n"]));
    }

    /** @return list<string> tables that are read whole, each with its query */
    private static function scansOf(callable $act): array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $act();
        DB::disableQueryLog();
        $queries = array_filter(array_column(DB::getRawQueryLog(), 'raw_query'), is_string(...));
        self::assertNotSame([], $queries);
        $scans = [];
        foreach ($queries as $query) {
            // A condition that nothing meets is a scan of nothing.
            foreach (preg_match('/^(select|update|delete)/', $query) === 1 && ! str_contains($query, '0 = 1') ? DB::select('EXPLAIN QUERY PLAN '.$query) : [] as $step) {
                if (is_object($step) && is_string($step->detail ?? null) && preg_match(self::LARGE, $step->detail) === 1) {
                    $scans[] = $step->detail.': '.substr($query, 0, 200);
                }
            }
        }

        return $scans;
    }

    /** @return iterable<string, array{string, string}> who, and what address */
    public static function pages(): iterable
    {
        yield 'week' => ['ada', '/week/2026-W25'];
        yield 'week of somebody without a line manager' => ['lee', '/week/2026-W25'];
        yield 'month' => ['ada', '/month/2026-06'];
        yield 'tasks' => ['ada', '/tasks'];
        yield 'figures' => ['ada', '/my-figures'];
        yield 'messages' => ['ada', '/messages'];
        yield 'account' => ['ada', '/account'];
        yield 'appointments' => ['ada', '/appointments'];
        yield 'expenses' => ['ada', '/people/ada/expenses/2026-W25'];
        yield 'what submitting would find' => ['ada', '/people/ada/days/2026-W25/submission'];
        yield 'pencil' => ['ada', '/people/ada/week/2026-W25/pencil'];
        yield 'project' => ['mo', '/projects/LENS'];
        yield 'plan' => ['mo', '/projects/LENS/plan'];
        yield 'figure' => ['mo', '/projects/LENS?figure=actual'];
        yield 'review' => ['mo', '/review'];
        yield 'front page' => ['mo', '/'];
        yield 'own timesheets' => ['ada', '/timesheets'];
        yield 'leave' => ['ada', '/leave'];
        yield 'not submitted, of a line manager' => ['lee', '/not-submitted'];
        yield 'load of a manager\'s people' => ['mo', '/load'];
        yield 'own projects' => ['mo', '/projects'];
        yield 'comparison of own projects' => ['mo', '/compare?from=2026-04-01&to=2026-06-30'];
        yield 'person' => ['kit', '/office/people/of/ada'];
    }
}
