<?php

declare(strict_types=1);

namespace Tests\App\Remaining;

use App\Models\Assignment;
use App\Models\Organisation;
use App\Models\Project;
use App\Models\ProposedEstimate;
use App\Models\RemainingEstimate;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Saying what is left: at once, told or asked; done for oneself and for all. */
final class RemainingTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,12\nada,LENS,FIT,surveyor,2026-06-18,2\n"]));
    }

    public function test_the_week_shows_remaining_hours_and_an_estimate_takes_effect_immediately(): void
    {
        $ada = $this->actingAs($this->person('ada'));
        $ada->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.remaining', function (mixed $remaining): bool {
                $index = array_search($this->task('FIT')->id, self::each($remaining, 'task'), true);

                return [1920, 840, 1080, false] === array_map(static fn (string $field): mixed => self::each($remaining, $field)[(int) $index], ['planned', 'entered', 'minutes', 'isEstimated']);
            }));

        $this->say('ada', 'FIT', ['hours' => '20', 'done' => 'no', 'reason' => ''])->assertOk()
            ->assertJsonPath('message', 'Estimate saved; it takes effect immediately.')->assertJsonPath('remaining.ofPerson.minutes', 1200)->assertJsonPath('remaining.ofPerson.isEstimated', true)
            // 32 h planned and 8 h of nobody: 14 h entered, 20 h and 8 h left.
            ->assertJsonPath('remaining.history.0.forecast', 12 * 60 + 22 * 60 + 8 * 60);
        // The 2 h entered for tomorrow were still left at the end of today.
        self::assertSame([22 * 60, '2026-06-17'], [RemainingEstimate::query()->sole()->remaining_minutes->toInt(), RemainingEstimate::query()->sole()->estimated_on->toString()]);
        self::assertSame(42 * 60, $this->forecast());
        $this->getJson('/people/ada/week/2026-W25/pencil')->assertJsonFragment(['minutes' => 1200]);
    }

    public function test_the_same_estimate_twice_counts_once_and_another_of_the_day_replaces_it(): void
    {
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '20', 'done' => 'no'])->assertOk();
        $this->say('ada', 'FIT', ['hours' => '20', 'done' => 'no'])->assertOk();
        self::assertSame(1, DB::table('audit_trail')->where('subject', 'remaining')->count());

        $this->say('ada', 'FIT', ['hours' => '21', 'done' => 'no', 'reason' => 'More putty'])->assertOk();
        self::assertSame([23 * 60], RemainingEstimate::query()->toBase()->pluck('remaining_minutes')->all());
        $last = DB::table('audit_trail')->where('subject', 'remaining')->orderByDesc('id')->first();
        self::assertSame(
            ['update', 'More putty', '{"remaining_minutes":1200,"done":"no","forecast_minutes":2520}', '{"remaining_minutes":1260,"done":"no","forecast_minutes":2580}'],
            [$last?->act, $last?->why, $last?->before, $last?->after],
        );
        self::assertSame(0, Artisan::call('moss:audit', ['act' => 'verify']));
    }

    public function test_far_from_the_rule_needs_a_reason_and_hours_must_be_hours(): void
    {
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '40', 'done' => 'no'])->assertStatus(422)->assertJsonPath('fault', 'no_reason');
        $this->say('ada', 'FIT', ['hours' => 'soon', 'done' => 'no'])->assertStatus(422)->assertJsonPath('message', '“soon” is not a number of hours. Enter it as 8, 7.5, 7:30, 7h 30m or 450m.');
        $this->say('ada', 'FIT', ['hours' => '-3', 'done' => 'no'])->assertStatus(422);
        $this->say('ada', 'SCRAP', ['hours' => '3', 'done' => 'perhaps'])->assertJsonValidationErrors('done');
        $this->say('bo', 'FIT', ['hours' => '3', 'done' => 'no'])->assertForbidden();
        $this->assertDatabaseEmpty('remaining_estimates');

        Organisation::query()->update(['estimate_tolerance' => 60 * 60]);
        $this->say('ada', 'FIT', ['hours' => '40', 'done' => 'no'])->assertOk();
    }

    public function test_the_manager_is_notified_and_may_estimate_for_others(): void
    {
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '30', 'done' => 'no', 'reason' => 'Wet putty'])->assertOk();
        $this->actingAs($this->person('mo'))->get('/messages')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('messages.messages.0.text', "Ada Moor updated the remaining estimate for Fit the lens, Lens refit, from 18\u{A0}h to 30\u{A0}h. The task forecast changes from 40\u{A0}h to 52\u{A0}h. “Wet putty”"));

        $this->say('ada', 'FIT', ['hours' => '25', 'done' => 'no', 'reason' => 'Dry by then'])->assertOk()->assertJsonPath('remaining.history.0.by', 'Mo Fell');
        self::assertSame(1, DB::table('messages')->where('kind', 'estimate updated')->count());
    }

    public function test_after_approval_an_estimate_counts_once_the_manager_accepts(): void
    {
        Project::query()->where('code', 'LENS')->update(['estimate_mode' => 'approve']);
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '30', 'done' => 'no', 'reason' => 'Wet putty'])->assertOk()
            ->assertJsonPath('message', 'Estimate saved. It takes effect once Mo Fell accepts it.')->assertJsonPath('remaining.ofPerson.minutes', 1080)->assertJsonPath('remaining.ofPerson.waiting', 32 * 60);
        self::assertSame(40 * 60, $this->forecast());
        $asked = ProposedEstimate::query()->sole();

        $this->post("/projects/LENS/estimates/{$asked->id}", ['accept' => true])->assertForbidden();
        $this->actingAs($this->person('mo'))->post("/projects/LENS/estimates/{$asked->id}", ['accept' => false])->assertSessionHas('refusal');
        $this->post("/projects/LENS/estimates/{$asked->id}", ['accept' => true])->assertSessionHas('message');
        $this->post("/projects/LENS/estimates/{$asked->id}", ['accept' => true])->assertSessionHas('message');
        self::assertSame([52 * 60, 'accepted', 1], [$this->forecast(), $asked->refresh()->state->value, RemainingEstimate::query()->count()]);
        $this->post("/projects/LENS/estimates/{$asked->id}", ['accept' => false, 'comment' => 'No'])->assertSessionHas('refusal', 'This has already been decided or taken back. Reload to see its status.');
        self::assertSame(1, DB::table('messages')->where('kind', 'estimate decided')->where('text_values', 'like', '%Fit the lens, Lens refit%')->count());
    }

    public function test_declined_nothing_has_changed_and_it_stays_to_be_read(): void
    {
        Organisation::query()->update(['estimate_mode' => 'approve']);
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '30', 'done' => 'no', 'reason' => 'Wet putty']);
        $this->actingAs($this->person('mo'))->post('/projects/LENS/estimates/'.ProposedEstimate::query()->sole()->id, ['accept' => false, 'comment' => 'Use the dry batch'])->assertSessionHas('message');

        self::assertSame(40 * 60, $this->forecast());
        $this->getJson('/people/ada/tasks/'.$this->task('FIT')->id.'/remaining')->assertJsonPath('history.0.state', 'declined')->assertJsonPath('history.0.decidedBy', 'Mo Fell')->assertJsonPath('history.0.comment', 'Use the dry batch');
    }

    public function test_a_waiting_estimate_ends_with_its_task_and_is_not_accepted_for_a_former_assignee(): void
    {
        Project::query()->where('code', 'LENS')->sole()->update(['estimate_mode' => 'approve']);
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['hours' => '32', 'done' => 'no', 'reason' => 'Wet putty'])->assertOk();
        $asked = ProposedEstimate::query()->sole();
        Assignment::query()->where('task_id', $this->task('FIT')->id)->delete();
        $this->actingAs($this->person('mo'))->post("/projects/LENS/estimates/{$asked->id}", ['accept' => true])
            ->assertSessionHas('refusal', 'Neither Ada Moor nor their team has planned hours on Fit the lens, so there is nothing to estimate. Ask the project manager, Mo Fell, to assign hours.');
        self::assertSame(['waiting', 0], [$asked->refresh()->state->value, RemainingEstimate::query()->count()]);

        $this->put('/projects/LENS/tasks/'.$this->task('FIT')->id.'/done', ['done' => true, 'confirmed' => true])->assertSessionHasNoErrors();
        self::assertSame('withdrawn', $asked->refresh()->state->value);
    }

    public function test_an_estimate_of_today_or_one_that_is_waiting_can_be_taken_back(): void
    {
        $this->actingAs($this->person('ada'));
        $address = '/people/ada/tasks/'.$this->task('FIT')->id.'/remaining';
        $this->deleteJson($address)->assertStatus(422);
        $this->say('ada', 'FIT', ['hours' => '19', 'done' => 'no'])->assertJsonPath('remaining.mayTakeBack', true);
        $this->deleteJson($address)->assertOk()->assertJsonPath('remaining.ofPerson.minutes', 1080)->assertJsonPath('remaining.mayTakeBack', false);

        Organisation::query()->update(['estimate_mode' => 'approve']);
        $this->say('ada', 'FIT', ['hours' => '19', 'done' => 'no']);
        $this->deleteJson($address)->assertOk();
        self::assertSame('withdrawn', ProposedEstimate::query()->sole()->state->value);
    }

    public function test_done_for_oneself_for_the_team_and_for_all(): void
    {
        $this->actingAs($this->person('ada'));
        // 8 h of the task are nobody's yet, so it is not hers to declare done.
        $this->say('ada', 'FIT', ['done' => 'all'])->assertStatus(422)->assertJsonPath('fault', 'others_have_left')
            ->assertJsonPath('message', "Others still have hours remaining on Fit the lens: unassigned 8\u{A0}h. Mark it as done for you; once everyone has, the task is done. Or ask Mo Fell.");
        $this->say('ada', 'CLEAN', ['done' => 'all'])->assertOk()->assertJsonPath('remaining.doneOn', '2026-06-17');
        self::assertSame('2026-06-17', $this->task('CLEAN')->done_on?->toString());
        $this->say('ada', 'CLEAN', ['hours' => '1', 'done' => 'no'])->assertStatus(422)->assertJsonPath('fault', 'task_done');

        $task = $this->task('FIT')->id;
        $mo = $this->actingAs($this->person('mo'));
        $mo->put("/projects/LENS/tasks/$task/done", ['done' => true])->assertSessionHasErrors(['done' => "Others still have hours remaining on Fit the lens: Ada Moor 18\u{A0}h, unassigned 8\u{A0}h. Marking it as done drops these hours. Confirm if that is what you want."]);
        $mo->put("/projects/LENS/tasks/$task/done", ['done' => true, 'confirmed' => true])->assertSessionHas('message', 'Fit the lens is marked as done for everyone.');
        self::assertSame(14 * 60, $this->forecast());
        $mo->put("/projects/LENS/tasks/$task/done", ['done' => false])->assertSessionHas('message');
        self::assertSame([null, 40 * 60], [$this->task('FIT')->done_on?->toString(), $this->forecast()]);

        // She holds all that is assigned of it: with her it is done.
        $this->actingAs($this->person('ada'));
        $this->say('ada', 'FIT', ['done' => 'me'])->assertOk()->assertJsonPath('remaining.ofPerson.isDone', true)->assertJsonPath('remaining.ofPerson.minutes', 0);
        self::assertSame([null, 14 * 60], [$this->task('FIT')->done_on?->toString(), $this->forecast()]);
        self::assertSame(3, DB::table('audit_trail')->whereIn('act', ['mark as done for everyone', 'reopen'])->count());
    }

    /** @param  array<string, mixed>  $estimate
     * @return TestResponse<Response> */
    private function say(string $person, string $task, array $estimate): TestResponse
    {
        return $this->putJson("/people/$person/tasks/".$this->task($task)->id.'/remaining', $estimate);
    }

    private function forecast(): int
    {
        Artisan::call('moss:status', ['--level' => 'task', '--project' => ['LENS'], '--format' => 'json', '--today' => '2026-06-17']);
        foreach ((array) json_decode(Artisan::output(), true) as $row) {
            if (is_array($row) && $row['task'] === 'FIT') {
                self::assertIsInt($row['forecast']);

                return $row['forecast'];
            }
        }
        self::fail('no such task');
    }
}
