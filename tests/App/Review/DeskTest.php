<?php

declare(strict_types=1);

namespace Tests\App\Review;

use App\Features\HouseRules\Actions\SaveFindings;
use App\Models\Entry;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The desk: what waits, what of it needs attention, and what is done with it. */
final class DeskTest extends TestCase
{
    /** ada's Wednesday is long; eve's Tuesday on another project too. */
    private const ENTRIES = "person,project,task,role,date,hours,state\n"
        ."ada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,FIT,surveyor,2026-06-17,12.5,submitted\nada,LENS,CLEAN,,2026-06-10,4,submitted\n"
        ."eve,LENS,CLEAN,,2026-06-16,2,submitted\neve,WEIR,GATE,,2026-06-16,11,submitted\n";

    /** 300 hours on as many days, of which no rule has anything to say. */
    private function loadVeryMuch(): void
    {
        $rows = '';
        for ($number = 0; $number < 300; $number++) {
            $rows .= sprintf("ada,LENS,FIT,surveyor,%s,1,submitted\n", Day::of('2025-06-01')->plusDays($number)->toString());
        }
        $this->load(['entries.csv' => "person,project,task,role,date,hours,state\n".$rows]);
        DB::table('house_rules')->insert(array_map(static fn (HouseRule $rule): array => ['rule' => $rule->code(), 'severity' => 'off', 'starts_on' => '2020-01-01'], AllRules::list()));
        $this->app->make(SaveFindings::class)->ofAllThatWaits();
    }

    /** @param  list<string>  $groups */
    #[DataProvider('views')]
    public function test_what_waits_is_shown_by_person_project_or_week(string $address, array $groups, int $entries, int $needingAttention): void
    {
        $this->load();

        $this->desk($address)->assertInertia(fn (AssertableInertia $page) => $page
            ->where('review.sum.entries', $entries)->where('review.sum.needingAttention', $needingAttention)->where('review.groupCount', count($groups))
            ->where('review.groups', fn ($shown): bool => self::each($shown, 'key') === $groups));
    }

    /** @return iterable<string, array{string, list<string>, int, int}> */
    public static function views(): iterable
    {
        yield 'by person, the oldest first' => ['', ['ada', 'eve'], 5, 3];
        yield 'by project' => ['?by=project', ['LENS', 'WEIR'], 5, 3];
        yield 'by week' => ['?by=week', ['2026-06-15', '2026-06-08'], 5, 3];
        yield 'what needs attention' => ['?show=attention', ['eve', 'ada'], 3, 3];
        yield 'what is in order' => ['?show=in+order', ['ada'], 2, 0];
        yield 'searched by project' => ['?search=weir', ['eve'], 1, 1];
        yield 'searched by person and task' => ['?search=moor+clean', ['ada'], 1, 0];
        yield 'a sign that means something in a pattern' => ['?search=%25', [], 0, 0];
        yield 'what the address says wrongly counts as not said' => ['?by=moon&show=never&page=99', ['ada', 'eve'], 5, 3];
    }

    #[DataProvider('pages')]
    public function test_a_page_of_groups_tells_of_all_of_them(string $address, int $page, int $onPage, string $first): void
    {
        $this->loadVeryMuch();

        $this->desk($address)->assertInertia(fn (AssertableInertia $shown) => $shown
            ->where('review.sum.entries', 300)->where('review.sum.minutes', 18000)->where('review.groupCount', 44)->where('review.page', $page)
            ->has('review.groups', $onPage)->where('review.groups.0.key', $first)
            ->where('review.open', $first)->where('review.opened.entries', fn (int $entries): bool => $entries > 0));
    }

    /** @return iterable<string, array{string, int, int, string}> */
    public static function pages(): iterable
    {
        yield 'the first' => ['?by=week', 1, 40, '2025-05-26'];
        yield 'the next' => ['?by=week&page=2', 2, 4, '2026-03-02'];
        yield 'one beyond the last' => ['?by=week&page=9', 2, 4, '2026-03-02'];
    }

    public function test_a_sheet_shows_what_was_found_in_what_waits_here(): void
    {
        $this->load();

        $this->desk('?by=person&open=ada')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('review.sheetCount', 2)
            ->where('review.sheets.0.week', '2026-W25')
            ->where('review.sheets.0.findings', fn ($found): bool => in_array('day_above', self::each($found, 'rule'), true))
            ->where('review.sheets.0.lines.0.cells', fn ($cells): bool => self::each($cells, 'needsAttention') === [false, true])
            ->where('review.sheets.1.week', '2026-W24'));
        // Of a project, only its lines, with what is found in the whole week.
        $this->desk('?by=project&open=WEIR')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('review.sheetCount', 1)->where('review.sheets.0.lines', fn ($lines): bool => self::each($lines, 'projectCode') === ['WEIR']));
    }

    public function test_all_in_order_is_approved_in_one_act(): void
    {
        $this->load();

        $this->postAsMo('/review/in-order', ['seen' => $this->inOrder()])->assertSessionHas('message', "Approved: 12\u{00A0}h in 2 entries.");

        self::assertSame(['2026-06-10', '2026-06-16'], DB::table('entries')->where('state', 'approved')->orderBy('date')->pluck('date')->all());
        self::assertSame(3, DB::table('entries')->where('state', 'submitted')->where('needs_attention', 1)->count());
    }

    public function test_very_much_in_order_is_approved_some_at_a_time_so_that_others_can_save(): void
    {
        $this->loadVeryMuch();
        $begun = 0;
        DB::connection()->beforeStartingTransaction(function () use (&$begun): void {
            $begun++;
        });

        $this->postAsMo('/review/in-order', ['seen' => $this->inOrder()])->assertSessionHas('message');

        self::assertSame(300, DB::table('entries')->where('state', 'approved')->count());
        self::assertSame([150, 150], DB::table('decisions')->orderBy('id')->pluck('entries')->all());
        self::assertGreaterThanOrEqual(2, $begun);
    }

    public function test_what_changes_while_very_much_is_approved_stays_undecided_and_is_said(): void
    {
        $this->loadVeryMuch();
        $seen = $this->inOrder();
        $last = Entry::query()->orderByDesc('id')->firstOrFail();
        DB::listen(static function (QueryExecuted $query) use ($last): void {
            if (str_starts_with($query->sql, 'insert into "decisions"')) {
                DB::connection()->getPdo()->exec("UPDATE entries SET minutes = 90, version = version + 1 WHERE id = {$last->id} AND minutes = 60");
            }
        });

        $this->postAsMo('/review/in-order', ['seen' => $seen])
            ->assertSessionHas('message', "Approved: 150\u{00A0}h in 150 entries.")
            ->assertSessionHas('refusal', 'Some of the rest changed in the meantime, so the rest was not approved. Check it again.');

        self::assertSame(150, DB::table('entries')->where('state', 'submitted')->count());
        // What was approved can still be undone.
        $this->as('mo')->delete('/review/decisions/1')->assertSessionHas('message', "Undone: 150\u{00A0}h waiting again.");
    }

    public function test_in_order_means_within_what_is_looked_at(): void
    {
        $this->load();

        $this->postAsMo('/review/in-order', ['by' => 'week', 'open' => '2026-06-08', 'seen' => $this->inOrder('?by=week&open=2026-06-08', 'opened')])->assertSessionHas('message');

        self::assertSame(['2026-06-10'], DB::table('entries')->where('state', 'approved')->pluck('date')->all());
    }

    public function test_what_has_come_since_is_not_approved_unseen(): void
    {
        $this->load();
        $seen = $this->inOrder();
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,CLEAN,,2026-06-09,3,submitted\n"]);

        $this->postAsMo('/review/in-order', ['seen' => $seen])->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, "15\u{00A0}h in 3 entries in order now"));
        self::assertSame(0, DB::table('entries')->where('state', 'approved')->count());
    }

    public function test_what_was_decided_says_how_it_is_undone(): void
    {
        $this->load();
        $entry = DB::table('entries')->where('state', 'submitted')->orderBy('id')->first();
        self::assertNotNull($entry);

        $this->as('mo')->post('/review/decisions', ['decision' => 'approve', 'comment' => '', 'entries' => [['id' => $entry->id, 'version' => $entry->version]]]);
        $undo = session('undo');
        self::assertIsString($undo);
        $this->as('mo')->delete($undo)->assertSessionMissing('undo')->assertSessionHas('message');

        self::assertSame('submitted', DB::table('entries')->where('id', $entry->id)->value('state'));
    }

    public function test_a_decision_is_undone_while_nobody_has_acted_on_it(): void
    {
        $this->load();
        $this->postAsMo('/review/in-order', ['seen' => $this->inOrder()]);
        $decision = self::lastId('decisions');
        $this->desk('')->assertInertia(fn (AssertableInertia $page) => $page->where('review.decisions.0.canBeUndone', true)->where('review.decisions.0.people', ['Ada Moor']));

        $this->as('mo')->delete('/review/decisions/'.$decision)->assertSessionHas('message', "Undone: 12\u{00A0}h waiting again.");

        self::assertSame([5, $this->person('mo')->id], [DB::table('entries')->where('state', 'submitted')->count(), $this->entry('ada', 'FIT', '2026-06-16')?->approver_id]);
        $this->as('mo')->delete('/review/decisions/'.$decision)->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'already'));
        self::assertSame(2, DB::table('audit_trail')->where('act', 'undo')->count());
    }

    public function test_a_decision_is_not_undone_once_somebody_has_acted_on_it(): void
    {
        $this->load();
        $this->decide('return', [$this->entry('ada', 'FIT', '2026-06-16'), $this->entry('ada', 'FIT', '2026-06-17')], 'Which lens?');
        $decision = self::lastId('decisions');
        $this->as('lee')->delete('/review/decisions/'.$decision)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'This is not one of your decisions. Reload to see them.'));
        $entry = $this->entry('ada', 'FIT', '2026-06-16');
        $this->as('ada')->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $entry?->task_id, 'role' => $entry?->role_id, 'date' => '2026-06-16', 'hours' => '', 'seen' => $entry?->version]]])->assertOk();

        $this->desk('')->assertInertia(fn (AssertableInertia $page) => $page->where('review.decisions.0.canBeUndone', false));
        $this->as('mo')->delete('/review/decisions/'.$decision)->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'Someone has acted on this since, so the decision cannot be undone. Reload to see its status.'));
        self::assertSame('returned', $this->entry('ada', 'FIT', '2026-06-17')?->state->value);
    }

    public function test_the_first_of_two_steps_is_undone_only_until_the_second(): void
    {
        $this->load(['organisation.csv' => "key,value\napproval,project+line\n"]);
        $entry = $this->entry('ada', 'FIT', '2026-06-16');
        $this->decide('approve', [$entry]);
        $this->as('mo')->delete('/review/decisions/'.self::lastId('decisions'))->assertSessionHas('message');
        self::assertSame([0, $this->person('mo')->id, null], array_values($entry?->fresh()?->only('approvals', 'approver_id', 'last_decided_by_id') ?? []));

        $this->decide('approve', [$entry?->fresh()]);
        $this->decide('approve', [$entry?->fresh()], '', 'lee');
        $this->as('mo')->delete('/review/decisions/2')->assertSessionHas('refusal');
        self::assertSame('approved', $entry?->fresh()?->state->value);
    }

    public function test_what_approved_itself_is_shown_and_reopened_within_a_week(): void
    {
        $this->load(['organisation.csv' => "key,value\nself_approve,yes\n"]);
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,CLEAN,,2026-06-11,3\nada,OWN,TRAIN,,2026-06-11,1\n"]);
        $this->as('ada')->post('/people/ada/days/2026-W24/submission')->assertSessionHas('message', "4\u{00A0}h submitted and approved.");
        $clean = $this->entry('ada', 'CLEAN', '2026-06-11');
        $this->desk('')->assertInertia(fn (AssertableInertia $page) => $page->where('review.selfApproved', [['personName' => 'Ada Moor', 'week' => '2026-W24', 'number' => 24, 'minutes' => 180, 'entries' => [$clean?->id]]]));

        $reopen = fn (string $who): TestResponse => $this->as($who)->from('/review')->post('/review/reopening', ['entries' => [$clean?->id]]);
        $reopen('ada')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'your own time'));
        $reopen('lee')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'not your turn'));
        DB::table('decisions')->update(['at' => '2026-06-09T10:00:00Z']);
        $reopen('mo')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'more than a week ago'));
        DB::table('decisions')->update(['at' => '2026-06-10T10:00:00Z']);
        $reopen('mo')->assertSessionHas('message', "Reopened: 3\u{00A0}h waiting again.");

        self::assertSame(['submitted', 'approved'], [$clean?->fresh()?->state->value, $this->entry('ada', 'TRAIN', '2026-06-11')?->state->value]);
        $reopen('mo')->assertSessionHas('refusal');
    }

    public function test_a_stand_in_for_some_projects_decides_on_those_only(): void
    {
        $this->load(['stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\n"]);
        DB::table('stand_in_projects')->insert(['stand_in_id' => DB::table('stand_ins')->value('id'), 'project_id' => $this->task('GATE')->project_id]);

        $this->as('bo')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 1)->where('review.sheets.0.standingInFor', ['Mo Fell']));
        $this->decide('approve', [$this->entry('ada', 'FIT', '2026-06-16')], '', 'bo')->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, 'not your turn'));
        $this->decide('approve', [$this->entry('eve', 'GATE', '2026-06-16')], '', 'bo')->assertSessionHas('message');
    }

    public function test_the_effect_shows_projects_as_they_stand_and_money_to_whom_it_is_shown(): void
    {
        $this->load(['stand_ins.csv' => "person,stand_in,starts_on,ends_on\nmo,bo,2026-06-17,2026-06-17\n"]);
        $this->decide('approve', [$this->entry('ada', 'FIT', '2026-06-16')]);

        $this->as('mo')->getJson('/review/effect?projects=LENS,OLD')->assertJson([['actual' => 480, 'actualCost' => null, 'budget' => null]]);
        $this->letSeeCost('mo');
        $this->as('mo')->getJson('/review/effect?projects=LENS,OLD')->assertOk()->assertJsonCount(1)
            ->assertJson([['code' => 'LENS', 'actual' => 480, 'actualCost' => 70120, 'budget' => 500000]]);
        $this->as('bo')->getJson('/review/effect?projects=LENS')->assertJson([['actual' => 480, 'actualCost' => null, 'budget' => null]]);
        $this->as('ada')->getJson('/review/effect?projects=LENS')->assertExactJson([]);
    }

    public function test_phrases_are_stored_and_dropped(): void
    {
        $this->load();
        foreach (['Which lens?', ' Which lens? ', 'Please split it.'] as $words) {
            $this->as('mo')->from('/review')->put('/review/phrases', ['phrase' => $words])->assertSessionHasNoErrors();
        }
        $this->as('mo')->from('/review')->delete('/review/phrases', ['phrase' => 'Which lens?']);

        $this->desk('')->assertInertia(fn (AssertableInertia $page) => $page->where('review.phrases', ['Please split it.']));
        $this->as('lee')->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.phrases', []));
    }

    public function test_the_number_of_queries_does_not_grow_with_what_waits(): void
    {
        $this->load();
        $few = $this->queriesOf(fn () => $this->desk(''));
        $more = '';
        foreach (range(1, 12) as $number) {
            $more .= "p$number,Person $number,p$number@lighthouse.example,field,lee,member,surveyor,\n";
        }
        $this->import(['people.csv' => Lighthouse::files()['people.csv']."eve,Eve Lin,eve@lighthouse.example,,,member,,\n".$more]);
        $rows = '';
        foreach (range(1, 12) as $number) {
            foreach (['2026-06-16', '2026-06-17', '2026-06-09'] as $date) {
                $rows .= "p$number,LENS,CLEAN,,$date,2,submitted\n";
            }
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\n".$rows]);

        self::assertSame($few, $this->queriesOf(fn () => $this->desk('')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sum.entries', 41)->where('review.groupCount', 14))));
        self::assertLessThanOrEqual(30, $few);
    }

    /** @param  array<string, string>  $changed */
    private function load(array $changed = []): void
    {
        $files = Lighthouse::files();
        $this->import(Lighthouse::files($changed + [
            'people.csv' => $files['people.csv']."eve,Eve Lin,eve@lighthouse.example,,,member,,\n",
            'projects.csv' => $files['projects.csv']."WEIR,Weir gates,harbour,mo,,,no,open\n",
            'tasks.csv' => $files['tasks.csv']."WEIR,GATE,Gates,,,,\n",
            'entries.csv' => self::ENTRIES,
        ]));
    }

    /** @return TestResponse<Response> */
    private function desk(string $query): TestResponse
    {
        return $this->as('mo')->get('/review'.$query)->assertOk();
    }

    private function inOrder(string $query = '', string $sum = 'sum'): string
    {
        $seen = '';
        $this->desk($query)->assertInertia(function (AssertableInertia $page) use (&$seen, $sum): void {
            $page->where('review.'.$sum.'.inOrder', function (string $mark) use (&$seen): bool {
                $seen = $mark;

                return $mark !== '';
            });
        });

        return $seen;
    }

    private function as(string $person): self
    {
        return $this->actingAs($this->person($person));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function postAsMo(string $address, array $body): TestResponse
    {
        return $this->as('mo')->from('/review')->post($address, $body);
    }

    /**
     * @param  list<Entry|null>  $entries
     * @return TestResponse<Response>
     */
    private function decide(string $decision, array $entries, string $comment = '', string $person = 'mo'): TestResponse
    {
        return $this->as($person)->from('/review')->post('/review/decisions', [
            'decision' => $decision, 'comment' => $comment,
            'entries' => array_map(static fn (?Entry $entry): array => ['id' => $entry?->id, 'version' => $entry?->version], $entries),
        ]);
    }
}
