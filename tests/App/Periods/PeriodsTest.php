<?php

declare(strict_types=1);

namespace Tests\App\Periods;

use App\Exchange\ImportRefused;
use App\Features\Periods\Actions\ClosePeriod;
use App\Features\Periods\Actions\PeriodRefused;
use App\Features\Periods\Queries\PeriodCheck;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\SettlingBatch;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Closing settles what is approved; nothing changes settled time by any path. */
final class PeriodsTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state\n"
        ."ada,LENS,FIT,surveyor,2026-06-02,8,approved\nada,LENS,FIT,surveyor,2026-06-03,4,approved\nada,LENS,CLEAN,,2026-06-04,2,submitted\n"
        ."mo,OWN,TRAIN,,2026-06-04,3,draft\nada,LENS,FIT,surveyor,2026-06-16,8,approved\n";

    public function test_the_check_list_says_who_and_what_is_missing(): void
    {
        $this->load();

        $this->check('2026-06-07')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('period.openEntries', 2)->where('period.openMinutes', 300)->where('period.openPeople', 2)
            ->where('period.open.0', ['code' => 'mo', 'name' => 'Mo Fell', 'unsubmitted' => 180, 'waiting' => 0, 'first' => '2026-06-04', 'week' => '2026-W23'])
            ->where('period.open.1.waiting', 120)
            ->where('period.entries', 2)->where('period.minutes', 720));
    }

    public function test_the_check_list_says_whose_decision_is_waited_for_and_who_decides_in_their_place(): void
    {
        $this->load();
        $this->check('2026-06-07')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('period.approvers', [['code' => 'mo', 'name' => 'Mo Fell', 'standIns' => [], 'entries' => 1, 'people' => 1, 'expenses' => 0, 'corrections' => 0, 'first' => '2026-06-04']])
            ->where('period.week', '2026-W23')->where('period.weekNumber', 23));
        DB::table('stand_ins')->insert([
            ['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('lee')->id, 'starts_on' => '2026-06-17', 'ends_on' => '2026-06-17'],
            ['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('bo')->id, 'starts_on' => '2026-06-18', 'ends_on' => '2026-06-30'],
        ]);
        DB::table('entries')->where('date', '2026-06-16')->update(['state' => 'submitted', 'approver_id' => null]);

        $this->check('2026-06-16')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('period.approvers.0.entries', 1)->where('period.approvers.0.name', 'Mo Fell')
            ->where('period.approvers.0.standIns', ['Lee Tor'])->where('period.approvers.1.name', null));
        $this->check('2026-06-03')->assertInertia(fn (AssertableInertia $page) => $page->where('period.approvers', []));

        $category = ExpenseCategory::query()->create(['code' => 'train', 'name' => 'Train', 'charged' => true]);
        $at = ['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'date' => '2026-06-02', 'approver_id' => $this->person('lee')->id];
        Expense::query()->create($at + ['expense_category_id' => $category->id, 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100, 'state' => 'submitted']);
        DB::table('corrections')->insert($at + ['proposed_by_id' => $at['person_id'], 'proposed_at' => '2026-06-05T08:00:00Z', 'minutes_before' => 480, 'minutes' => 420, 'reason' => 'left early']);
        $this->check('2026-06-03')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('period.approvers', [['code' => 'lee', 'name' => 'Lee Tor', 'standIns' => [], 'entries' => 0, 'people' => 0, 'expenses' => 1, 'corrections' => 1, 'first' => '2026-06-02']]));
    }

    public function test_everyone_who_still_has_to_submit_or_decide_is_told_that_the_period_closes_once_a_day(): void
    {
        $this->load();
        DB::table('stand_ins')->insert(['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('lee')->id, 'starts_on' => '2026-06-17', 'ends_on' => '2026-06-17']);
        $notify = fn () => $this->as('kit')->from('/office/periods')->post('/office/periods/notice', ['day' => '2026-06-07']);
        $notify()->assertSessionHas('message', '2 people have been reminded.');
        $notify();

        $told = static fn (string $code): array => DB::table('messages')->join('people', 'people.id', 'messages.person_id')->where('people.code', $code)->whereIn('kind', ['period closing', 'decisions due'])->orderBy('kind')->pluck('kind')->all();
        self::assertSame(['decisions due', 'period closing'], $told('mo'), 'they have time of their own to submit, and decide on that of Ada');
        self::assertSame(['decisions due'], $told('lee'), 'they decide in the place of Mo');
        self::assertSame([], $told('ada'), 'what waits for somebody else is not theirs to do');
        $reads = fn (string $code, int $place, string $text) => $this->as($code)->get('/messages')->assertInertia(static fn (AssertableInertia $page) => $page->where("messages.messages.{$place}.text", $text));
        $reads('lee', 0, 'The time office is about to close the period up to Sun 7 Jun. Entries waiting for your approval: 1.');
        DB::table('entries')->where('state', 'submitted')->update(['approver_id' => null]);
        Expense::query()->create(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'expense_category_id' => ExpenseCategory::query()->create(['code' => 'train', 'name' => 'Train', 'charged' => true])->id,
            'date' => '2026-06-02', 'approver_id' => $this->person('bo')->id, 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100, 'state' => 'submitted']);
        $notify();
        $reads('bo', 0, 'The time office is about to close the period up to Sun 7 Jun. Expenses or corrections up to then are waiting for your decision.');
        $reads('mo', 1, "The time office is about to close the period up to Sun 7 Jun. You have 3\u{00A0}h that are not submitted yet.");
    }

    public function test_closing_settles_what_is_approved_and_leaves_out_only_what_it_is_told_to(): void
    {
        $this->load();
        $this->close('2026-06-07')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'Entries not approved up to this day: 2'));
        self::assertSame(0, DB::table('entries')->where('state', 'settled')->count());

        $this->close('2026-06-07', true)->assertSessionHas('message', "Closed up to Sun 7 Jun; 12\u{00A0}h settled.");

        self::assertSame(['2026-06-02', '2026-06-03'], DB::table('entries')->where('state', 'settled')->orderBy('date')->pluck('date')->all());
        self::assertSame([2, 1], [DB::table('audit_trail')->where('act', 'settle')->count(), DB::table('audit_trail')->where('act', 'close')->count()]);
        $this->close('2026-06-07', true)->assertSessionHas('message');
        self::assertSame(1, DB::table('audit_trail')->where('act', 'close')->count(), 'twice is once');
        // What was left out can be finished, and is settled by the next closing.
        $entry = $this->entry('ada', 'CLEAN', '2026-06-04');
        $this->as('mo')->post('/review/decisions', ['decision' => 'approve', 'entries' => [['id' => $entry?->id, 'version' => $entry?->version]]])->assertSessionHas('message');
        $this->close('2026-06-08', true);
        self::assertSame('settled', $this->entry('ada', 'CLEAN', '2026-06-04')?->state->value);
    }

    public function test_a_large_period_is_settled_in_steps_and_what_waits_again_by_then_is_left(): void
    {
        $this->load();
        $kit = $this->person('kit')->id;
        $approved = DB::table('entries')->where('state', 'approved')->pluck('id')->all();
        SettlingBatch::query()->create(['subject' => 'entries', 'numbers' => array_slice($approved, 0, 2), 'size' => 2, 'settled_by_id' => $kit]);
        SettlingBatch::query()->create(['subject' => 'entries', 'numbers' => array_slice($approved, 2), 'size' => 1, 'settled_by_id' => $kit]);
        $this->check('2026-06-07')->assertInertia(fn (AssertableInertia $page) => $page->where('period.stillSettling', 3)->where('period.entries', 0));
        DB::table('entries')->where('date', '2026-06-16')->update(['state' => 'submitted']);

        self::assertSame(0, Artisan::call('moss:settle'));

        self::assertSame(['2026-06-02', '2026-06-03'], DB::table('entries')->where('state', 'settled')->orderBy('date')->pluck('date')->all());
        self::assertSame([$kit, $kit], DB::table('audit_trail')->where('act', 'settle')->pluck('actor_id')->all());
        self::assertSame(0, DB::table('settling_batches')->count());
    }

    public function test_expenses_of_a_closed_period_are_settled_in_steps_too_and_what_waits_again_by_then_is_left(): void
    {
        $this->load();
        $category = ExpenseCategory::query()->create(['code' => 'train', 'name' => 'Train', 'charged' => true]);
        $expenses = array_map(fn (string $date): int => Expense::query()->create(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'expense_category_id' => $category->id, 'date' => $date, 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100, 'state' => 'approved'])->id, ['2026-06-02', '2026-06-03', '2026-06-04']);
        SettlingBatch::query()->create(['subject' => 'expenses', 'numbers' => array_slice($expenses, 0, 2), 'size' => 2, 'settled_by_id' => $this->person('kit')->id]);
        // The two that an earlier closing is settling are not settled by this one as well.
        $this->check('2026-06-07')->assertInertia(fn (AssertableInertia $page) => $page->where('period.stillSettling', 0)->where('period.approvedExpenses', 1)->where('period.entries', 2));
        Expense::query()->whereKey($expenses[1])->update(['state' => 'submitted']);

        self::assertSame(0, Artisan::call('moss:settle'));

        self::assertSame(['settled', 'submitted', 'approved'], Expense::query()->orderBy('date')->get()->map(static fn (Expense $expense): string => $expense->state->value)->all());
        self::assertSame(0, SettlingBatch::query()->count());
    }

    public function test_a_batch_of_more_entries_than_a_step_takes_is_settled_whole(): void
    {
        $this->load();
        $kit = $this->person('kit')->id;
        $entries = [];
        for ($day = 0; $day < 300; $day++) {
            $entries[] = Entry::query()->create(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'date' => Day::of('2026-01-01')->plusDays($day)->toString(), 'minutes' => 60, 'state' => 'approved'])->id;
        }
        SettlingBatch::query()->create(['subject' => 'entries', 'numbers' => $entries, 'size' => 300, 'settled_by_id' => $kit]);

        self::assertSame(0, Artisan::call('moss:settle'));

        self::assertSame(300, DB::table('entries')->whereIn('id', $entries)->where('state', 'settled')->count());
        self::assertSame(300, DB::table('audit_trail')->where('act', 'settle')->count());
        self::assertSame(0, DB::table('settling_batches')->count());
    }

    public function test_what_has_changed_since_it_was_looked_at_is_not_closed_unseen(): void
    {
        $this->load();
        $seen = $this->seen('2026-06-07');
        DB::table('entries')->where('date', '2026-06-03')->update(['minutes' => 60]);

        $this->as('kit')->from('/office/periods')->post('/office/periods', ['day' => '2026-06-07', 'seen' => $seen, 'leavesOut' => true])
            ->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'has changed since you looked'));
    }

    public function test_what_changes_while_the_closing_waits_for_others_to_write_is_not_closed_unseen(): void
    {
        $this->load();
        $seen = PeriodCheck::seen(Day::of('2026-06-07'));
        $changed = false;
        Event::listen(static function (TransactionBeginning $event) use (&$changed): void {
            $changed = $changed || $event->connection->table('entries')->where('date', '2026-06-03')->update(['minutes' => 60]) === 1;
        });

        $refused = null;
        try {
            $this->app->make(ClosePeriod::class)->handle($this->person('kit'), Day::of('2026-06-07'), $seen, true);
        } catch (PeriodRefused $refused) {
            self::assertStringContainsString('has changed since you looked', $refused->getMessage());
        }

        self::assertNotNull($refused);
        self::assertTrue($changed);
        self::assertSame(0, DB::table('entries')->where('state', 'settled')->count() + SettlingBatch::query()->count());
    }

    public function test_days_to_come_and_days_closed_already_are_refused(): void
    {
        $this->load();
        $this->close('2026-06-18', true)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'is in the future. Choose today or an earlier day. Nothing was closed.'));
        $this->close('2026-06-07', true);
        $this->close('2026-06-05', true)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, '. To close less, reopen it. Nothing was closed.'));
    }

    public function test_nothing_new_is_recorded_in_a_closed_period_until_it_is_opened_again_with_a_reason(): void
    {
        $this->load();
        $this->close('2026-06-07', true);
        $save = fn () => $this->as('ada')->putJson('/people/ada/week/2026-W23/cells', ['cells' => [['task' => $this->task('TRAIN')->id, 'date' => '2026-06-05', 'hours' => '1', 'seen' => null]]]);
        $save()->assertJsonPath('cells.0.message', static fn (string $why): bool => str_contains($why, 'is closed. Record this on a later day, or ask the time office to reopen it.'));
        $this->refusedImport("person,project,task,role,date,hours\nada,OWN,TRAIN,,2026-06-05,1\n");

        $reopen = fn (string $day, string $reason): TestResponse => $this->as('kit')->from('/office/periods')->delete('/office/periods', ['day' => $day, 'reason' => $reason]);
        $reopen('2026-06-05', ' ')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'Enter a reason for reopening the period'));
        $reopen('2026-06-08', 'x')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'These days are already open.'));
        $reopen('2026-06-05', 'The storm took the cable')->assertSessionHas('message');

        self::assertSame('The storm took the cable', DB::table('audit_trail')->where('act', 'reopen')->value('why'));
        $save()->assertJsonPath('cells.0.outcome', 'saved');
        self::assertSame(2, DB::table('entries')->where('state', 'settled')->count(), 'what is settled stays settled');
        $this->check('2026-06-07')->assertInertia(fn (AssertableInertia $page) => $page->where('period.acts.0.act', 'reopen')->where('period.acts.0.until', '2026-06-04')->where('period.acts.1.act', 'close'));
    }

    public function test_settled_time_cannot_be_changed_by_any_path(): void
    {
        $this->load();
        $this->close('2026-06-07', true);
        $entry = $this->entry('ada', 'FIT', '2026-06-02');
        self::assertNotNull($entry);
        $before = $entry->getAttributes();

        $cell = ['task' => $entry->task_id, 'role' => $entry->role_id, 'date' => '2026-06-02', 'seen' => $entry->version];
        foreach ([['hours' => '1'], ['hours' => ''], ['note' => 'other'], ['billable' => false]] as $change) {
            $this->as('ada')->putJson('/people/ada/week/2026-W23/cells', ['cells' => [$cell + $change]])->assertJsonPath('cells.0.outcome', 'refused');
        }
        $this->as('ada')->from('/')->delete('/people/ada/week/2026-W23/lines', ['task' => $entry->task_id, 'role' => $entry->role_id, 'minutes' => 720])->assertSessionHas('refusal');
        $this->as('ada')->delete('/people/ada/days/2026-W23/submission');
        $this->as('ada')->post('/people/ada/days/2026-W23/submission');
        foreach (['approve', 'return'] as $decision) {
            $this->as('mo')->from('/review')->post('/review/decisions', ['decision' => $decision, 'comment' => 'x', 'entries' => [['id' => $entry->id, 'version' => $entry->version]]])->assertSessionHas('refusal');
        }
        foreach (['2026-06-02,1,settled', '2026-06-02,8,draft', '2026-06-02,8,approved'] as $row) {
            [$date, $hours, $state] = explode(',', $row);
            $this->refusedImport("person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,$date,$hours,$state\n");
        }
        $acts = [
            static fn () => $entry->update(['minutes' => 60]),
            static fn () => $entry->delete(),
            static fn () => Entry::query()->whereKey($entry->id)->update(['note' => 'x']),
            static fn () => Entry::query()->whereKey($entry->id)->delete(),
            static fn () => DB::table('entries')->where('id', $entry->id)->update(['state' => 'approved']),
            static fn () => DB::statement('DELETE FROM entries'),
            static fn () => DB::statement('INSERT OR REPLACE INTO entries (id, person_id, task_id, role_id, date, minutes) VALUES (?, ?, ?, ?, ?, 60)', [$entry->id, $entry->person_id, $entry->task_id, $entry->role_id, '2026-06-02']),
        ];
        foreach ($acts as $number => $act) {
            try {
                $act();
                self::fail('act '.$number.' was let through');
            } catch (QueryException $refused) {
                self::assertStringContainsString('settled time cannot be', $refused->getMessage());
            }
        }

        self::assertSame($before, Entry::query()->findOrFail($entry->id)->getAttributes());
    }

    private function load(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES]));
    }

    private function refusedImport(string $entries): void
    {
        try {
            $this->import(['entries.csv' => $entries]);
            self::fail('the import was let through');
        } catch (ImportRefused $refused) {
            self::assertStringContainsString('problem', $refused->getMessage());
        }
    }

    private function as(string $person): self
    {
        return $this->actingAs($this->person($person));
    }

    /** @return TestResponse<Response> */
    private function check(string $day): TestResponse
    {
        return $this->as('kit')->get('/office/periods?day='.$day)->assertOk();
    }

    private function seen(string $day): string
    {
        $seen = '';
        $this->check($day)->assertInertia(function (AssertableInertia $page) use (&$seen): void {
            $page->where('period.seen', function (string $mark) use (&$seen): bool {
                $seen = $mark;

                return true;
            });
        });

        return $seen;
    }

    /** @return TestResponse<Response> */
    private function close(string $day, bool $leavesOut = false): TestResponse
    {
        return $this->as('kit')->from('/office/periods')->post('/office/periods', ['day' => $day, 'seen' => $this->seen($day), 'leavesOut' => $leavesOut]);
    }
}
