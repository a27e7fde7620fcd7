<?php

declare(strict_types=1);

namespace Tests\App\Review;

use App\Models\Entry;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class ReviewTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state,note\n"
        ."ada,LENS,FIT,surveyor,2026-06-16,8,submitted,North side\nada,LENS,FIT,surveyor,2026-06-17,4,submitted,\n"
        ."ada,LENS,CLEAN,,2026-06-17,2,submitted,\nmo,LENS,FIT,,2026-06-16,1,submitted,\nada,LENS,FIT,surveyor,2026-06-18,1,draft,\n";

    public function test_what_waits_is_listed_by_person_and_week_and_the_first_is_open(): void
    {
        $this->load();
        $this->letSeeCost('mo');

        $this->actingAs($this->person('mo'))->get('/review')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->where('review.sum.minutes', 840)
            ->where('review.sum.entries', 3)
            ->where('review.groupCount', 1)
            ->where('review.groups.0.name', 'Ada Moor')
            ->where('review.open', 'ada')
            ->where('review.sheets.0.minutes', 840)
            // Of time on other projects, and of what the week asks, a project's manager is told nothing.
            ->where('review.sheets.0.entered', 840)
            ->where('review.sheets.0.expected', 0)
            ->where('review.sheets.0.days.4.absences', [['kind' => 'absent', 'minutes' => null, 'isPencilled' => false]])
            ->has('review.sheets.0.lines', 2)
            ->where('review.sheets.0.lines.1.cells.0.note', 'North side')
            ->where('review.sheets.0.lines.1.cells.0.cost', 70120));
    }

    public function test_approved_hours_move_the_projects_figures_at_once(): void
    {
        $this->load();
        $mo = $this->actingAs($this->person('mo'));
        $mo->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page->where('project.figures.actual', 0)->where('project.figures.pending', 960));

        $this->decide('mo', 'approve', $this->waiting('ada'))->assertSessionHas('message', "Approved: 14\u{00A0}h in 3 entries.");

        $mo->get('/projects/LENS')->assertInertia(fn (AssertableInertia $page) => $page->where('project.figures.actual', 840)->where('project.figures.pending', 120));
        $mo->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.groupCount', 0)->where('review.open', null)->where('review.sheets', []));
    }

    public function test_a_line_is_returned_with_a_comment_that_the_owner_reads(): void
    {
        $this->load();
        $line = array_values(Entry::query()->where('task_id', $this->task('CLEAN')->id)->get()->all());

        $this->decide('mo', 'return', $line, 'Which lens?')->assertSessionHas('message', "Returned: 2\u{00A0}h in one entry.");

        self::assertSame(['returned', 'Which lens?'], [$this->entry('ada', 'CLEAN', '2026-06-17')?->state->value, $this->entry('ada', 'CLEAN', '2026-06-17')?->return_comment]);
        self::assertSame('submitted', $this->entry('ada', 'FIT', '2026-06-16')?->state->value);
        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.lines.0.cells.2.returnComment', 'Which lens?'));
    }

    public function test_returning_without_a_comment_is_refused(): void
    {
        $this->load();
        $this->decide('mo', 'return', $this->waiting('ada'), "  \n")->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, 'Enter a comment so that the person knows why it is returned.'));

        self::assertCount(3, $this->waiting('ada'));
    }

    public function test_a_second_click_is_the_same_as_one(): void
    {
        $this->load();
        $seen = $this->waiting('ada');
        $this->decide('mo', 'approve', $seen);
        $auditTrail = DB::table('audit_trail')->count();

        $this->decide('mo', 'approve', $seen)->assertSessionHas('message')->assertSessionMissing('refusal');
        self::assertSame($auditTrail, DB::table('audit_trail')->count());
    }

    public function test_an_entry_that_changed_since_it_was_seen_stops_the_whole_decision(): void
    {
        $this->load();
        $seen = $this->waiting('ada');
        $this->actingAs($this->person('ada'))->delete('/people/ada/days/2026-W25/submission');
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission');

        $this->decide('mo', 'approve', $seen)->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, 'has changed since you opened it'));
        self::assertSame(0, DB::table('entries')->where('state', 'approved')->count());
    }

    public function test_taken_back_or_deleted_entries_are_not_decided(): void
    {
        $this->load();
        $seen = $this->waiting('ada');
        $this->actingAs($this->person('ada'))->delete('/people/ada/days/2026-W25/submission');
        $this->decide('mo', 'approve', $seen)->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, 'This is no longer submitted, so there is nothing to decide. Reload to see its status.'));

        Entry::query()->whereKey($seen[0]->id)->delete();
        $this->decide('mo', 'approve', $seen)->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, 'Some of these entries no longer exist. Nothing was decided; check the week again.'));
    }

    public function test_nobody_decides_on_their_own_time_or_out_of_turn(): void
    {
        $this->load();
        foreach (['ada' => 'This is your own time', 'lee' => 'It is not your turn', 'kit' => 'It is not your turn', 'bo' => 'It is not your turn'] as $person => $sentence) {
            $this->decide($person, 'approve', $this->waiting('ada'))->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, $sentence));
        }
        $this->decide('vic', 'approve', $this->waiting('ada'))->assertForbidden();
        $this->decide('mo', 'approve', $this->waiting('mo'))->assertSessionHas('refusal', fn (string $why): bool => str_contains($why, 'This is your own time'));

        self::assertSame(4, DB::table('entries')->where('state', 'submitted')->count());
        // Mo manages the project, so mo's own time goes to mo's line manager.
        $this->decide('lee', 'approve', $this->waiting('mo'))->assertSessionHas('message');
    }

    public function test_a_route_of_two_steps_needs_both_in_turn(): void
    {
        $this->load(['organisation.csv' => "key,value\napproval,project+line\n"]);
        $this->decide('lee', 'approve', $this->waiting('ada'))->assertSessionHas('refusal');
        $this->decide('mo', 'approve', $this->waiting('ada'))->assertSessionHas('message');
        self::assertSame(['submitted', 1, $this->person('lee')->id], [$this->entry('ada', 'FIT', '2026-06-16')?->state->value, $this->entry('ada', 'FIT', '2026-06-16')?->approvals, $this->entry('ada', 'FIT', '2026-06-16')?->approver_id]);
        // Decided on once, it cannot be taken back any more.
        $this->actingAs($this->person('ada'))->delete('/people/ada/days/2026-W25/submission')->assertSessionHas('message', fn (string $message): bool => str_contains($message, 'Nothing here'));

        $this->decide('lee', 'approve', $this->waiting('ada'))->assertSessionHas('message');
        self::assertSame('approved', $this->entry('ada', 'FIT', '2026-06-16')?->state->value);
    }

    public function test_one_stand_in_for_both_steps_decides_one_of_them(): void
    {
        $this->load(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\n", 'organisation.csv' => "key,value\napproval,project+line\n", 'stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\nlee,bo,2026-06-17,2026-06-17\nlee,kit,2026-06-17,2026-06-17\n"]);
        $this->decide('bo', 'approve', $this->waiting('ada'))->assertSessionHas('message');

        $this->actingAs($this->person('bo'))->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.groupCount', 0)->where('signedIn.waiting', 0));
        $this->decide('bo', 'approve', $this->waiting('ada'));
        $this->decide('bo', 'return', $this->waiting('ada'), 'No')->assertSessionHas('refusal');
        self::assertSame(['submitted', 1], [$this->entry('ada', 'FIT', '2026-06-16')?->state->value, $this->entry('ada', 'FIT', '2026-06-16')?->approvals]);

        $this->decide('kit', 'approve', $this->waiting('ada'))->assertSessionHas('message');
        self::assertSame('approved', $this->entry('ada', 'FIT', '2026-06-16')?->state->value);
    }

    public function test_a_stand_in_decides_in_the_time_named_and_the_audit_trail_says_for_whom(): void
    {
        $this->load(['stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\n"]);
        $this->actingAs($this->person('bo'))->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sheets.0.standingInFor', ['Mo Fell']));

        $this->decide('bo', 'approve', $this->waiting('ada'))->assertSessionHas('message');

        self::assertSame(3, DB::table('audit_trail')->where('act', 'approve')->where('actor_id', $this->person('bo')->id)->where('on_behalf_of_id', $this->person('mo')->id)->count());
    }

    public function test_a_stand_in_is_nobody_the_day_after(): void
    {
        $this->load(['stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-01,2026-06-16\n"]);

        $this->actingAs($this->person('bo'))->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.groupCount', 0));
        $this->decide('bo', 'approve', $this->waiting('ada'))->assertSessionHas('refusal');
    }

    public function test_nothing_but_what_waits_for_oneself_is_shown(): void
    {
        $this->load();

        $this->actingAs($this->person('bo'))->get('/review?by=person&open=ada')->assertInertia(fn (AssertableInertia $page) => $page->where('review.groupCount', 0)->where('review.open', null)->where('review.sheets', []));
    }

    /** @param  array<string, string>  $changed */
    private function load(array $changed = []): void
    {
        $this->import(Lighthouse::files($changed + ['entries.csv' => self::ENTRIES]));
    }

    /** @return list<Entry> */
    private function waiting(string $person): array
    {
        return array_values(Entry::query()->where('person_id', $this->person($person)->id)->where('state', 'submitted')->orderBy('id')->get()->all());
    }

    /**
     * @param  list<Entry>  $entries
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function decide(string $person, string $decision, array $entries, string $comment = ''): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->person($person))->from('/review')->post('/review/decisions', [
            'decision' => $decision,
            'comment' => $comment,
            'entries' => array_map(static fn (Entry $entry): array => ['id' => $entry->id, 'version' => $entry->version], $entries),
        ]);
    }
}
