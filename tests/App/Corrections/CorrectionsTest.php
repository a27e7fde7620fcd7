<?php

declare(strict_types=1);

namespace Tests\App\Corrections;

use App\Approval\RouteWaitingEntries;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\Role;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Approved and settled time is put right by asking for it: never silently, and never by typing over it. */
final class CorrectionsTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state\n"
        ."ada,LENS,FIT,surveyor,2026-06-16,8,approved\nada,LENS,FIT,surveyor,2026-06-17,4,approved\nada,LENS,CLEAN,,2026-06-17,2,submitted\n"
        ."ada,LENS,FIT,surveyor,2026-06-02,6,settled\n";

    public function test_what_is_proposed_changes_nothing_until_it_is_accepted(): void
    {
        $this->load();
        $this->letSeeCost('mo');
        $this->propose([['2026-06-16', '6:30']])->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'The correction is waiting for your approver. The approved hours stay unchanged until then.'));
        self::assertSame(480, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
        $this->as('ada')->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines.1.cells.1.correction', ['id' => 1, 'minutes' => 390, 'reason' => 'Left early', 'waitsFor' => 'Mo Fell']));
        $this->as('mo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('review.corrections.0.before', 480)->where('review.corrections.0.after', 390)->where('review.corrections.0.reason', 'Left early')
            // 8 h at 87.65 are 701.20, 6.5 h are 569.73 (569.725).
            ->where('review.corrections.0.cost', 56973 - 70120)->where('signedIn.waiting', 2));
        foreach (['moor fit' => 1, 'clean' => 0] as $search => $count) {
            $this->get('/review?search='.$search)->assertInertia(static fn (AssertableInertia $page) => $page->where('review.correctionCount', $count)->has('review.corrections', $count));
        }

        $this->verdict('mo', [1], true)->assertSessionHas('message', 'One correction accepted. The audit trail has the earlier value.');

        self::assertSame([390, 'approved'], DB::table('entries')->where('date', '2026-06-16')->get(['minutes', 'state'])->map(static fn (object $row): array => array_values((array) $row))->first());
        self::assertSame(['Left early', 480, 390], $this->traced());
        $this->verdict('mo', [1], true)->assertSessionHas('message', 'This was already accepted.');
        self::assertSame(1, DB::table('audit_trail')->where('act', 'correct')->count());
    }

    public function test_a_declined_one_changes_nothing_and_says_why(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '6:30']]);
        $this->verdict('mo', [1], false)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'why you decline'));

        $this->verdict('mo', [1], false, 'The log book says eight')->assertSessionHas('message');

        self::assertSame([480, 1], [$this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-16')?->version]);
        $this->as('ada')->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines.1.cells.1.correction', null)->where('sheet.lines.1.cells.1.declined', 'The log book says eight'));
    }

    public function test_whoever_decides_next_decides_on_what_waits(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '6:30']]);
        $this->as('kit')->post('/office/people/of/mo/responsibilities', ['to' => 'lee'])->assertSessionHasNoErrors();

        self::assertSame($this->person('lee')->id, Correction::query()->sole()->approver_id);
        $this->verdict('mo', [1], true)->assertSessionHas('refusal');
        $this->verdict('lee', [1], true)->assertSessionHas('message');
        self::assertSame(390, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());

        // Line manager after project manager: the last of them decides.
        $this->propose([['2026-06-17', '5']]);
        DB::table('organisations')->update(['approval' => 'project+line']);
        DB::table('people')->where('code', 'ada')->update(['manager_id' => $this->person('bo')->id]);
        $this->app->make(RouteWaitingEntries::class)->handle();
        self::assertSame([$this->person('lee')->id, $this->person('bo')->id], Correction::query()->orderBy('id')->pluck('approver_id')->all());
    }

    public function test_settled_time_stays_and_the_difference_is_posted_on_the_first_open_day(): void
    {
        $this->load();
        DB::table('organisations')->update(['closed_until' => '2026-06-07']);
        $this->propose([['2026-06-02', '4']], 'Half of it was training', '2026-W23');
        $this->verdict('mo', [1], true);

        self::assertSame(['settled', 360], [$this->entry('ada', 'FIT', '2026-06-02')?->state->value, $this->entry('ada', 'FIT', '2026-06-02')?->minutes->toInt()]);
        self::assertSame([['2026-06-08', -120, 'approved', 'Half of it was training']], $this->posted());
        // A second correction starts from what the first has made of it, and is taken into the same difference.
        $this->propose([['2026-06-02', '4']], 'Again', '2026-W23')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'already'));
        $this->propose([['2026-06-02', '5']], 'An hour was not', '2026-W23');
        $this->verdict('mo', [2], true);
        self::assertSame([['2026-06-08', -60]], array_map(static fn (array $row): array => array_slice($row, 0, 2), $this->posted()));
        // And one back to what was settled takes the difference away.
        $this->propose([['2026-06-02', '6']], 'It was right', '2026-W23');
        $this->verdict('mo', [3], true);
        self::assertSame([], $this->posted());
    }

    public function test_a_difference_that_is_settled_itself_is_followed_by_another(): void
    {
        $this->load();
        DB::table('organisations')->update(['closed_until' => '2026-06-07']);
        $this->propose([['2026-06-02', '4']], 'Training', '2026-W23');
        $this->verdict('mo', [1], true);
        DB::table('entries')->where('corrects', '2026-06-02')->update(['state' => 'settled']);
        $this->propose([['2026-06-02', '3']], 'More of it', '2026-W23');
        $this->verdict('mo', [2], true);

        self::assertSame([['2026-06-08', -120], ['2026-06-09', -60]], array_map(static fn (array $row): array => array_slice($row, 0, 2), $this->posted()));
    }

    public function test_time_that_should_not_have_been_goes_and_the_audit_trail_keeps_it(): void
    {
        $this->load();
        $this->propose([['2026-06-17', '']], 'Wrong project');
        $this->verdict('mo', [1], true);

        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
        self::assertSame(['Wrong project', 240, 0], $this->traced());
        self::assertSame('accepted', DB::table('corrections')->value('state'));
    }

    public function test_with_time_that_goes_only_what_was_recorded_of_it_by_the_clock_goes(): void
    {
        $this->load();
        $entry = $this->entry('ada', 'FIT', '2026-06-17');
        $of = ['person_id' => $this->person('ada')->id, 'task_id' => $entry?->task_id, 'role_id' => $entry?->role_id, 'date' => '2026-06-17', 'starts_at' => 480, 'ends_at' => 720, 'is_inked' => true, 'source' => StretchSource::Timer];
        foreach ([[], ['date' => '2026-06-16'], ['task_id' => $this->task('CLEAN')->id], ['role_id' => null], ['person_id' => $this->person('bo')->id]] as $other) {
            Stretch::query()->create($other + $of);
        }
        $this->propose([['2026-06-17', '']], 'Wrong project');
        $this->verdict('mo', [1], true);

        self::assertSame(4, Stretch::query()->count());
        self::assertFalse(Stretch::query()->where($of)->exists());
    }

    public function test_several_cells_go_with_one_reason_all_or_none(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '7'], ['2026-06-17', '25']])->assertSessionHas('refusal');
        $this->propose([['2026-06-16', '7'], ['2026-06-18', '1']])->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'nothing to correct on Thu 18 Jun'));
        self::assertSame(0, DB::table('corrections')->count());

        $this->propose([['2026-06-16', '7'], ['2026-06-17', '5']])->assertSessionHas('message', static fn (string $message): bool => str_starts_with($message, '2 corrections are waiting'));
        $this->verdict('mo', [1, 2], true)->assertSessionHas('message', static fn (string $message): bool => str_starts_with($message, '2 corrections accepted'));
        self::assertSame([420, 300], [$this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt()]);
    }

    public function test_what_cannot_be_corrected_says_what_to_do_instead(): void
    {
        $this->load();
        $clean = $this->task('CLEAN')->id;
        $this->as('ada')->from('/week/2026-W25')->post('/people/ada/week/2026-W25/corrections', ['cells' => [['task' => $clean, 'date' => '2026-06-17', 'hours' => '1']], 'reason' => 'x'])
            ->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'This is waiting for approval and cannot be changed. Take the week back first.'));
        foreach ([[[['2026-06-16', '8']], 'x'], [[['2026-06-16', '7']], ' '], [[['2026-06-16', '8x']], 'x']] as [$cells, $reason]) {
            $this->propose($cells, $reason)->assertSessionHas('refusal');
        }
        self::assertSame(0, DB::table('corrections')->count());
    }

    public function test_only_whose_turn_it_is_decides_and_a_stand_in_in_their_place(): void
    {
        $this->load(['stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\n"]);
        $this->propose([['2026-06-16', '7']]);
        foreach (['ada' => 'your own time', 'lee' => 'not your turn', 'kit' => 'not your turn'] as $person => $why) {
            $this->verdict($person, [1], true)->assertSessionHas('refusal', static fn (string $sentence): bool => str_contains($sentence, $why));
        }
        $this->verdict('bo', [1], true)->assertSessionHas('message');

        self::assertSame([$this->person('bo')->id, $this->person('mo')->id], array_values((array) DB::table('audit_trail')->where('act', 'correct')->first(['actor_id', 'on_behalf_of_id'])));
    }

    public function test_the_last_step_of_a_route_decides_and_without_one_it_is_corrected_at_once(): void
    {
        $this->load(['organisation.csv' => "key,value\napproval,project+line\n"]);
        $this->propose([['2026-06-16', '7']]);
        $this->verdict('mo', [1], true)->assertSessionHas('refusal');
        $this->verdict('lee', [1], true)->assertSessionHas('message');

        DB::table('organisations')->update(['approval' => 'none']);
        $this->propose([['2026-06-17', '3']])->assertSessionHas('message', 'One cell corrected. The audit trail has the earlier value.');
        self::assertSame(180, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());
    }

    public function test_it_is_withdrawn_or_changed_while_nobody_has_decided(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '7']]);
        $this->propose([['2026-06-16', '7']]);
        self::assertSame([1, 1], [DB::table('corrections')->count(), DB::table('audit_trail')->where('act', 'propose')->count()]);
        $this->propose([['2026-06-16', '6']]);
        self::assertSame([420 - 60], DB::table('corrections')->pluck('minutes')->all());

        $withdraw = fn (): TestResponse => $this->as('ada')->from('/week/2026-W25')->delete('/people/ada/week/2026-W25/corrections/1');
        $withdraw()->assertSessionHas('message');
        $withdraw()->assertSessionHas('message');
        $this->verdict('mo', [1], true)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'This correction has already been decided or withdrawn. Reload to see its status.'));
        self::assertSame(480, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
    }

    public function test_what_waits_itself_again_has_no_correction_to_decide(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '7']]);
        DB::table('entries')->where('date', '2026-06-16')->update(['state' => 'submitted', 'approver_id' => $this->person('mo')->id]);

        $this->as('mo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.corrections', [])->where('signedIn.waiting', 2));
        DB::table('entries')->where('date', '2026-06-16')->delete();
        $this->as('mo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.corrections', [])->where('signedIn.waiting', 1));
        self::assertSame(1, DB::table('corrections')->count(), 'what was asked for stays');
    }

    public function test_what_has_moved_on_since_is_not_accepted(): void
    {
        $this->load();
        $this->propose([['2026-06-16', '7']]);
        DB::table('entries')->where('date', '2026-06-16')->update(['minutes' => 300]);

        $this->verdict('mo', [1], true)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'The time has been corrected since this was proposed. Decline it, or ask for a new correction.'));
    }

    public function test_two_corrections_of_one_day_do_not_make_it_longer_than_a_day(): void
    {
        $this->load(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,approved\nada,LENS,FIT,senior,2026-06-16,2,approved\n"]);
        $this->propose([['2026-06-16', '15']]);
        $senior = Entry::query()->where('role_id', Role::query()->where('code', 'senior')->sole()->id)->sole();
        $again = fn (string $hours): TestResponse => $this->as('ada')->from('/week/2026-W25')->post('/people/ada/week/2026-W25/corrections', [
            'reason' => 'Storm', 'cells' => [['task' => $senior->task_id, 'role' => $senior->role_id, 'date' => '2026-06-16', 'hours' => $hours]],
        ]);
        $again('15')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'more than 24 hours'));
        $again('9')->assertSessionHas('message');
        self::assertSame(2, DB::table('corrections')->where('state', 'waiting')->count());

        // What has come to the day since does not fit beside them any more.
        Entry::query()->create(['person_id' => $senior->person_id, 'task_id' => $this->task('TRAIN')->id, 'date' => '2026-06-16', 'minutes' => 60, 'state' => 'draft', 'version' => 1]);
        $this->verdict('mo', [1, 2], true)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'more than 24 hours'));
        self::assertSame(240, (int) Entry::query()->where('state', 'approved')->sum('minutes'));
        $this->verdict('mo', [1], true)->assertSessionHas('message');
    }

    public function test_differences_posted_for_a_day_count_as_its_hours(): void
    {
        $this->load();
        DB::table('organisations')->update(['closed_until' => '2026-06-07']);
        $this->propose([['2026-06-02', '20']], 'A night', '2026-W23');
        $this->verdict('mo', [1], true)->assertSessionHas('message');

        $this->propose([['2026-06-02', '24']], 'All of it', '2026-W23')->assertSessionHas('message');
        Entry::query()->create(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('TRAIN')->id, 'date' => '2026-06-02', 'minutes' => 30, 'state' => 'approved', 'version' => 1]);
        $this->verdict('mo', [2], true)->assertSessionHas('refusal');
    }

    public function test_one_whose_entry_was_returned_or_taken_back_ends_with_that(): void
    {
        $this->load(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,FIT,surveyor,2026-06-17,4,submitted\n"]);
        $entries = Entry::query()->orderBy('date')->get();
        $this->as('mo')->post('/review/decisions', ['decision' => 'approve', 'entries' => $entries->map(static fn (Entry $entry): array => ['id' => $entry->id, 'version' => $entry->version])->all()]);
        $this->propose([['2026-06-16', '6'], ['2026-06-17', '3']]);
        $this->as('mo')->delete('/review/decisions/1')->assertSessionHas('message');
        // It waits with its entry as long as that may be approved again.
        self::assertSame(2, DB::table('corrections')->where('state', 'waiting')->count());

        $first = Entry::query()->orderBy('date')->firstOrFail();
        $this->as('mo')->post('/review/decisions', ['decision' => 'return', 'comment' => 'All of it?', 'entries' => [['id' => $first->id, 'version' => $first->version]]]);
        self::assertSame(['withdrawn', 'waiting'], DB::table('corrections')->orderBy('date')->pluck('state')->all());
        $this->as('ada')->delete('/people/ada/days/2026-W25/submission');
        self::assertSame(['withdrawn', 'withdrawn'], DB::table('corrections')->orderBy('date')->pluck('state')->all());
        self::assertSame(2, DB::table('audit_trail')->where('act', 'withdraw')->count());
    }

    /** @param  array<string, string>  $changed */
    private function load(array $changed = []): void
    {
        $this->import(Lighthouse::files($changed + ['entries.csv' => self::ENTRIES]));
    }

    private function as(string $person): self
    {
        return $this->actingAs($this->person($person));
    }

    /**
     * @param  list<array{string, string}>  $cells  date and hours, on FIT as a surveyor
     * @return TestResponse<Response>
     */
    private function propose(array $cells, string $reason = 'Left early', string $week = '2026-W25'): TestResponse
    {
        $entry = $this->entry('ada', 'FIT', '2026-06-16') ?? $this->entry('ada', 'FIT', '2026-06-17');

        return $this->as('ada')->from('/week/'.$week)->post('/people/ada/week/'.$week.'/corrections', ['reason' => $reason, 'cells' => array_map(
            static fn (array $cell): array => ['task' => $entry?->task_id, 'role' => $entry?->role_id, 'date' => $cell[0], 'hours' => $cell[1]], $cells,
        )]);
    }

    /**
     * @param  list<int>  $ids
     * @return TestResponse<Response>
     */
    private function verdict(string $person, array $ids, bool $accepts, string $comment = ''): TestResponse
    {
        return $this->as($person)->from('/review')->post('/review/corrections', ['corrections' => $ids, 'accept' => $accepts, 'comment' => $comment]);
    }

    /** @return list<mixed> why, and the minutes before and after, of what was corrected */
    private function traced(): array
    {
        return array_values((array) DB::table('audit_trail')->where('act', 'correct')
            ->selectRaw("why, json_extract(before, '$.minutes') AS old, json_extract(after, '$.minutes') AS new")->first());
    }

    /** @return list<list<mixed>> what was posted to correct settled time */
    private function posted(): array
    {
        return array_values(DB::table('entries')->whereNotNull('corrects')->orderBy('date')->get(['date', 'minutes', 'state', 'note'])->map(static fn (object $row): array => array_values((array) $row))->all());
    }
}
