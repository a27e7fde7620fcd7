<?php

declare(strict_types=1);

namespace Tests\App\Leave;

use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveRequest;
use App\Models\Message;
use App\Models\Organisation;
use App\Models\StandIn;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Moss\Core\Leave\LeaveState;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Asking to be away, and deciding on it. Today is Wednesday 17 June 2026; Ada works 8 8 8 8 6 and Lee decides on her leave. */
final class LeaveTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['absence_kinds.csv' => "kind,counts_as,visible_to,needs_approval,allowance,carried_at_most,allowance_from\nLeave,leave,everybody,yes,25,5,2026\nSickness,sickness,managers,no,,,\nVolunteering,other,everybody,no,2,0,2026\n"]));
    }

    public function test_leave_is_asked_for_seen_in_pencil_approved_and_then_an_absence(): void
    {
        $this->ask('ada', ['first' => '2026-06-22', 'last' => '2026-06-24', 'untilMidday' => true, 'note' => 'A boat trip'])->assertSessionHas('message', 'Leave from Mon 22 Jun to Wed 24 Jun is requested.');

        $week = $this->given('/week/2026-W26');
        self::assertSame([[['kind' => 'Leave', 'minutes' => null, 'isPencilled' => true]], [['kind' => 'Leave', 'minutes' => null, 'isPencilled' => true]], [['kind' => 'Leave', 'minutes' => 240, 'isPencilled' => true]], [], [], [], []], self::each($week->value('sheet.days'), 'absences'));
        self::assertSame(480, $week->value('sheet.days.0.expected'));
        self::assertSame(0, Absence::query()->where('date', '>=', '2026-06-22')->count());
        self::assertSame(['Ada Moor requests Leave from Mon 22 Jun to Wed 24 Jun, 20 h.'], $this->messagesOf('lee'));

        $desk = $this->actingAs($this->person('lee'))->given('/leave/requests');
        self::assertSame([['Ada Moor', 'A boat trip', 5]], [[$desk->value('waiting.0.person.name'), $desk->value('waiting.0.request.note'), $desk->value('waiting.0.request.halfDays')]]);
        // 32 h from 15 to 26 June, less a holiday: something is planned on each of these days.
        self::assertSame(['Fit the lens', ['2026-06-22', '2026-06-23', '2026-06-24']], [$desk->value('waiting.0.clashes.0.task'), $desk->value('waiting.0.clashes.0.days')]);
        self::assertSame(1, $desk->value('signedIn.leaveWaiting'));

        $this->decide('lee', true)->assertSessionHas('message', 'The leave of Ada Moor is approved.');
        self::assertSame([['2026-06-22', null], ['2026-06-23', null], ['2026-06-24', 240]], $this->absences());
        self::assertSame(['Lee Tor approved your Leave from Mon 22 Jun to Wed 24 Jun.'], $this->messagesOf('ada'));
        $week = $this->actingAs($this->person('ada'))->given('/week/2026-W26');
        self::assertSame([0, 0, 240, 480], array_slice(self::each($week->value('sheet.days'), 'expected'), 0, 4));
        // 4 of 6 h on a Friday are more than half of it, and so a whole day.
        $leave = $this->given('/leave');
        self::assertSame([50 - 7, 7, 0], [$leave->value('leave.balances.0.left'), $leave->value('leave.balances.0.approved'), $leave->value('leave.balances.0.requested')]);
        self::assertSame(['add', 'approve'], DB::table('audit_trail')->where('subject', 'leave')->orderBy('id')->pluck('act')->all());
        $this->decide('lee', true)->assertSessionHas('refusal', 'This request is approved, so nothing was changed. Reload to see where it stands.');
    }

    public function test_it_is_declined_only_with_a_comment_and_nothing_is_written(): void
    {
        $this->ask('ada', []);
        $this->actingAs($this->person('lee'))->post('/leave/requests/1/decision', ['approved' => false])->assertSessionHasErrors('comment');
        $this->decide('lee', false, 'The lens comes that week.')->assertSessionHas('message', 'The leave of Ada Moor is declined.');

        self::assertSame([[], LeaveState::Declined], [$this->absences(), LeaveRequest::query()->sole()->state]);
        self::assertSame(['Lee Tor declined your Leave from Mon 22 Jun to Tue 23 Jun: “The lens comes that week.”'], $this->messagesOf('ada'));
        // What was declined can be asked for again.
        $this->ask('ada', [])->assertSessionHasNoErrors();
    }

    public function test_a_stand_in_decides_and_nobody_else(): void
    {
        $this->ask('ada', []);
        foreach (['ada', 'bo', 'mo'] as $other) {
            $this->actingAs($this->person($other))->post('/leave/requests/1/decision', ['approved' => true])->assertForbidden();
        }
        $standIn = StandIn::query()->create(['person_id' => $this->person('lee')->id, 'stand_in_id' => $this->person('bo')->id, 'starts_on' => '2026-06-15', 'ends_on' => '2026-06-17']);
        self::assertSame('Lee Tor', $this->actingAs($this->person('bo'))->given('/leave/requests')->value('waiting.0.standingInFor'));
        $standIn->update(['ends_on' => '2026-06-16']);
        $this->actingAs($this->person('bo'))->post('/leave/requests/1/decision', ['approved' => true])->assertForbidden();
        $standIn->update(['ends_on' => '2026-06-17']);
        $this->decide('bo', true)->assertSessionHas('message');
        self::assertSame($this->person('bo')->id, LeaveRequest::query()->sole()->decided_by_id);
    }

    public function test_whoever_has_no_line_manager_waits_for_the_time_office(): void
    {
        $this->ask('lee', []);

        self::assertSame(['Lee Tor requests Leave from Mon 22 Jun to Tue 23 Jun, 16 h.'], $this->messagesOf('kit'));
        self::assertSame([1, 0], [$this->actingAs($this->person('kit'))->given('/leave/requests')->value('signedIn.leaveWaiting'), $this->actingAs($this->person('mo'))->given('/leave/requests')->value('signedIn.leaveWaiting')]);
        self::assertSame(1, $this->actingAs($this->person('kit'))->given('/office')->int('needs.leave'));
        $this->decide('kit', true)->assertSessionHas('message');
    }

    public function test_a_rule_approves_what_needs_no_decision_as_long_as_the_allowance_lasts(): void
    {
        $this->ask('ada', ['kind' => $this->kind('Sickness')])->assertSessionHas('message', 'Sickness from Mon 22 Jun to Tue 23 Jun is approved.');
        $this->ask('ada', ['kind' => $this->kind('Volunteering'), 'first' => '2026-06-25', 'last' => '2026-06-25'])->assertSessionHas('message', 'Volunteering from Thu 25 Jun to Thu 25 Jun is approved.');
        $this->ask('ada', ['kind' => $this->kind('Volunteering'), 'first' => '2026-06-29', 'last' => '2026-06-30'])->assertSessionHas('message', 'Volunteering from Mon 29 Jun to Tue 30 Jun is requested.');

        $sick = LeaveRequest::query()->orderBy('id')->firstOrFail();
        self::assertSame([LeaveState::Approved, null, true], [$sick->state, $sick->decided_by_id, $sick->decided_at !== null]);
        self::assertContains('Ada Moor is away from Mon 22 Jun to Tue 23 Jun, 16 h: Sickness, approved by rule.', $this->messagesOf('lee'));
    }

    public function test_a_line_manager_enters_leave_for_somebody_which_is_approved_with_it(): void
    {
        $this->actingAs($this->person('lee'))->post('/leave/of/ada', ['kind' => $this->kind('Sickness'), 'first' => '2026-06-16', 'last' => '2026-06-16'])->assertSessionHas('message');

        self::assertSame([['2026-06-16', null]], $this->absences('2026-06-15'));
        self::assertSame($this->person('lee')->id, LeaveRequest::query()->sole()->decided_by_id);
    }

    public function test_what_is_only_asked_for_is_changed_in_its_place(): void
    {
        $this->ask('ada', []);
        $this->put('/leave/requests/1', $this->body(['first' => '2026-06-29', 'last' => '2026-06-29']))->assertSessionHasNoErrors();

        self::assertSame([1, '2026-06-29'], [LeaveRequest::query()->count(), LeaveRequest::query()->sole()->starts_on->toString()]);
        self::assertSame(['Ada Moor requests Leave on Mon 29 Jun, 8 h.'], $this->messagesOf('lee'));
    }

    public function test_approved_leave_holds_until_its_change_is_approved(): void
    {
        $this->ask('ada', []);
        $this->decide('lee', true);
        $this->actingAs($this->person('ada'))->put('/leave/requests/1', $this->body(['first' => '2026-06-23', 'last' => '2026-06-25']))->assertSessionHasNoErrors();

        self::assertSame([['2026-06-22', null], ['2026-06-23', null]], $this->absences());
        self::assertTrue($this->actingAs($this->person('lee'))->given('/leave/requests')->value('waiting.0.request.isChange'));
        $this->decide('lee', true, id: 2);
        self::assertSame([['2026-06-23', null], ['2026-06-24', null], ['2026-06-25', null]], $this->absences());
        self::assertSame([LeaveState::Replaced, LeaveState::Approved], LeaveRequest::query()->orderBy('id')->get()->map(static fn (LeaveRequest $one): LeaveState => $one->state)->all());
    }

    public function test_approved_leave_is_taken_back_with_its_absences_and_the_line_manager_is_told(): void
    {
        $this->ask('ada', []);
        $this->decide('lee', true);
        $this->actingAs($this->person('ada'))->delete('/leave/requests/1')->assertSessionHas('message', 'Leave from Mon 22 Jun to Tue 23 Jun is taken back.');

        self::assertSame([], $this->absences());
        self::assertContains('Ada Moor took back Leave from Mon 22 Jun to Tue 23 Jun, 16 h.', $this->messagesOf('lee'));
        $this->delete('/leave/requests/1')->assertSessionHas('refusal', 'This request is taken back, so nothing was changed. Reload to see where it stands.');
    }

    public function test_what_nobody_decided_on_is_taken_back_without_a_trace_in_messages(): void
    {
        $this->ask('ada', []);
        $this->delete('/leave/requests/1');

        self::assertSame([], $this->messagesOf('lee'));
    }

    /** @param  array<string, mixed>  $asked */
    #[TestWith([['first' => '2026-06-20', 'last' => '2026-06-21'], 'first', 'There is no working day among these days. Choose days on which you would work.'])]
    #[TestWith([['first' => '2026-06-19', 'last' => '2026-06-19'], 'first', 'On Fri 19 Jun there is already an absence: Leave. Choose other days, or change that one.'])]
    #[TestWith([['first' => '2026-05-29', 'last' => '2026-06-02'], 'first', 'The period up to Sun 31 May is closed, so absences up to that day stay as they are. Choose later days, or ask the time office.'])]
    #[TestWith([['first' => '2026-06-22', 'last' => '2026-06-22', 'fromMidday' => true, 'untilMidday' => true], 'last', 'A single day cannot begin and end at midday. Choose the morning or the afternoon.'])]
    #[TestWith([['first' => '2026-06-22', 'last' => '2027-06-23'], 'last', 'Request at most 366 days at once.'])]
    #[TestWith([['first' => '2026-06-22', 'last' => '2026-06-21'], 'last', 'Enter a last day that is not before the first day.'])]
    #[TestWith([['kind' => 99], 'kind', 'Choose a kind of absence.'])]
    #[TestWith([['first' => 'soon'], 'first', 'Enter a date as YYYY-MM-DD, such as 2026-06-17.'])]
    #[TestWith([['note' => ['x']], 'note', 'Enter a note of at most 1,000 characters.'])]
    public function test_what_cannot_be_asked_for_is_said(array $asked, string $field, string $why): void
    {
        Organisation::query()->sole()->update(['closed_until' => '2026-05-31']);
        $this->ask('ada', $asked)->assertSessionHasErrors([$field => $why]);
        self::assertSame(0, LeaveRequest::query()->count());
    }

    public function test_two_halves_of_a_day_go_together_but_no_more(): void
    {
        $this->ask('ada', ['first' => '2026-06-22', 'last' => '2026-06-22', 'untilMidday' => true]);
        $this->ask('ada', ['kind' => $this->kind('Volunteering'), 'first' => '2026-06-22', 'last' => '2026-06-22', 'fromMidday' => true])->assertSessionHasNoErrors();
        $this->ask('ada', ['kind' => $this->kind('Sickness'), 'first' => '2026-06-22', 'last' => '2026-06-22', 'fromMidday' => true])->assertSessionHasErrors('first');
    }

    #[TestWith(['Sickness'])]
    #[TestWith(['Leave'])]
    public function test_what_was_recorded_in_the_meantime_is_not_written_over_by_approving(string $kind): void
    {
        $this->ask('ada', []);
        $this->import(['absences.csv' => "person,date,kind,hours\nada,2026-06-23,$kind,4\n"]);

        $this->decide('lee', true)->assertSessionHas('refusal', "On Tue 23 Jun there is already an absence: $kind. Decline this request, or have that absence changed first.");
        self::assertSame([[['2026-06-23', 240]], LeaveState::Requested], [$this->absences(), LeaveRequest::query()->sole()->state]);
        $this->decide('lee', false, 'You are ill on one of these days.')->assertSessionHas('message');
    }

    public function test_more_than_are_shown_at_once_are_counted(): void
    {
        $this->ask('ada', []);
        $one = LeaveRequest::query()->toBase()->get()->map(static fn (object $row): array => array_diff_key((array) $row, ['id' => 0]))->first();
        DB::table('leave_requests')->insert(array_fill(0, 50, $one ?? []));

        $desk = $this->actingAs($this->person('lee'))->given('/leave/requests');
        self::assertSame([50, 51], [count((array) $desk->value('waiting')), $desk->value('count')]);
    }

    public function test_leave_of_a_closed_period_stays(): void
    {
        $this->ask('ada', []);
        $this->decide('lee', true);
        Organisation::query()->sole()->update(['closed_until' => '2026-06-30']);

        $this->actingAs($this->person('ada'))->delete('/leave/requests/1')->assertSessionHas('refusal');
        self::assertFalse($this->given('/leave')->value('leave.requests.0.mayChange'));
        self::assertCount(2, $this->absences());
    }

    public function test_a_preview_says_what_it_comes_to_and_what_is_in_the_way(): void
    {
        $this->actingAs($this->person('ada'));
        $this->getJson('/leave/of/ada/preview?kind='.$this->kind('Leave').'&first=2026-06-22&last=2026-06-23')->assertOk()
            ->assertJsonPath('halfDays', 4)->assertJsonPath('minutes', 960)->assertJsonPath('fault', null)->assertJsonPath('balances.0.left', 48)->assertJsonPath('clashes.0.project', 'Lens refit');
        $this->getJson('/leave/of/ada/preview?kind='.$this->kind('Leave').'&first=2026-06-19&last=2026-06-19')->assertJsonPath('fault', 'On Fri 19 Jun there is already an absence: Leave. Choose other days, or change that one.');
        $this->getJson('/leave/of/ada/preview?kind=x&first=2026-06-19')->assertUnprocessable();
    }

    public function test_absences_of_files_are_listed_beside_requests(): void
    {
        $this->import(['absences.csv' => "person,date,hours,kind\nada,2026-06-08,,Sickness\nada,2026-06-09,,Sickness\nada,2026-06-12,,Sickness\n"]);
        $this->actingAs($this->person('ada'));

        self::assertSame([['2026-06-19', '2026-06-19'], ['2026-06-12', '2026-06-12'], ['2026-06-08', '2026-06-09']], array_map(null, self::each($this->given('/leave')->value('leave.requests'), 'first'), self::each($this->given('/leave')->value('leave.requests'), 'last')));
    }

    public function test_whoever_decides_is_reminded_once_when_it_waits_and_once_when_it_begins(): void
    {
        $this->ask('ada', ['first' => '2026-06-24', 'last' => '2026-06-25']);
        $count = fn (): int => Message::query()->where('person_id', $this->person('lee')->id)->where('kind', 'leave requested')->count();
        self::assertSame(0, Artisan::call('moss:messages', ['--at' => '2026-06-18T10:00']));
        self::assertSame(1, $count());
        foreach (['2026-06-20T23:59', '2026-06-20T23:59', '2026-06-22T10:00'] as $at) {
            self::assertSame(0, Artisan::call('moss:messages', ['--at' => $at]));
        }
        self::assertSame(3, $count());
        $this->decide('lee', true);
        self::assertSame(0, Artisan::call('moss:messages', ['--at' => '2026-06-23T10:00']));
        // Nothing more is said once it is decided.
        self::assertSame(3, $count());
    }

    public function test_kinds_allowances_and_requests_go_out_and_come_back_the_same(): void
    {
        $this->ask('ada', ['note' => 'A boat trip']);
        $this->decide('lee', true);
        $this->actingAs($this->person('kit'))->post('/office/absence-kinds/'.$this->kind('Leave').'/allowances', ['person' => 'ada', 'year' => 2026, 'days' => '27.5'])->assertSessionHasNoErrors();
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        self::assertStringContainsString("Leave,leave,everybody,yes,25,5,2026,no\n", (string) file_get_contents("$folder/absence_kinds.csv"));
        self::assertStringContainsString("ada,Leave,2026,27.5\n", (string) file_get_contents("$folder/leave_allowances.csv"));
        self::assertStringContainsString('ada,Leave,2026-06-22,2026-06-23,no,no,approved,"A boat trip",ada,', (string) file_get_contents("$folder/leave_requests.csv"));
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder]));
        self::assertSame([1, 3], [LeaveRequest::query()->count(), AbsenceKind::query()->count()]);
    }

    /** @return TestResponse<Response> */
    private function decide(string $person, bool $isApproved, string $comment = '', int $id = 1): TestResponse
    {
        return $this->actingAs($this->person($person))->from('/leave/requests')->post("/leave/requests/$id/decision", ['approved' => $isApproved, 'comment' => $comment]);
    }

    /**
     * @param  array<string, mixed>  $given
     * @return TestResponse<Response>
     */
    private function ask(string $person, array $given): TestResponse
    {
        return $this->actingAs($this->person($person))->from('/leave')->post("/leave/of/$person", $this->body($given));
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private function body(array $given): array
    {
        return $given + ['kind' => $this->kind('Leave'), 'first' => '2026-06-22', 'last' => '2026-06-23', 'note' => ''];
    }

    private function kind(string $name): int
    {
        return AbsenceKind::query()->where('name', $name)->sole()->id;
    }

    /** @return list<array{string, int|null}> Ada's from a day on */
    private function absences(string $from = '2026-06-20'): array
    {
        return array_values(Absence::query()->where('person_id', $this->person('ada')->id)->where('date', '>=', $from)->whereNot('date', '2026-06-19')->orderBy('date')->get()
            ->map(static fn (Absence $one): array => [$one->date->toString(), $one->minutes?->toInt()])->all());
    }

    /** @return list<string> */
    private function messagesOf(string $person): array
    {
        $this->actingAs($this->person($person));

        return array_map(static fn (mixed $text): string => is_string($text) ? str_replace("\u{00A0}", ' ', $text) : '', self::each(array_filter((array) $this->given('/messages')->value('messages.messages'), static fn (mixed $one): bool => is_array($one) && is_string($one['link']) && str_starts_with($one['link'], '/leave')), 'text'));
    }
}
