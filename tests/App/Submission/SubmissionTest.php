<?php

declare(strict_types=1);

namespace Tests\App\Submission;

use App\Models\Question;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Submission: with findings, explanations, questions, and only some of it. */
final class SubmissionTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours\n"
        ."ada,LENS,FIT,surveyor,2026-06-16,8\nada,LENS,FIT,surveyor,2026-06-17,12.5\nada,LENS,CLEAN,,2026-06-18,4\nada,OWN,TRAIN,,2026-06-18,2\n";

    public function test_the_summary_says_how_much_of_what_goes_to_whom(): void
    {
        $this->load();

        $summary = $this->summary()->assertJsonPath('minutes', 1590)->assertJsonPath('entries', 4);
        self::assertSame(['LENS' => 1470, 'OWN' => 120], array_column((array) $summary->json('projects'), 'minutes', 'code'));
        $summary->assertJsonPath('recipients', [
            ['names' => ['Mo Fell'], 'isOffice' => false, 'approvesItself' => false, 'minutes' => 1470, 'entries' => 3],
            ['names' => ['Kit Ness'], 'isOffice' => false, 'approvesItself' => false, 'minutes' => 120, 'entries' => 1],
        ]);
        self::assertSame(['explanation', 'information'], array_column((array) $summary->json('findings'), 'severity'));
    }

    public function test_two_steps_and_a_missing_manager_are_named(): void
    {
        $this->load(['organisation.csv' => "key,value\napproval,project+line\n", 'people.csv' => str_replace('field,lee,member', 'field,,member', Lighthouse::files()['people.csv'])]);

        $this->summary()->assertJsonPath('recipients.0.names', ['Mo Fell', 'the time office'])->assertJsonPath('recipients.0.isOffice', true);
    }

    public function test_what_needs_an_explanation_gets_one_that_stays_with_the_time(): void
    {
        $this->load();
        $this->submit()->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, "Wed 17 Jun has 12.5\u{00A0}h"));
        self::assertSame(4, DB::table('entries')->where('state', 'draft')->count());

        $this->submit(['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'The crane was late']]])->assertSessionHas('message');

        self::assertSame(4, DB::table('entries')->where('state', 'submitted')->count());
        self::assertSame('The crane was late', DB::table('findings')->where('rule', 'day_above')->value('explanation'));
        // Only the long day needs attention; what is merely mentioned is in order.
        self::assertSame(['2026-06-17'], DB::table('entries')->where('needs_attention', 1)->pluck('date')->all());
    }

    public function test_an_explanation_of_another_finding_is_not_enough(): void
    {
        $this->load();

        $this->submit(['explanations' => [['rule' => 'day_above', 'date' => '2026-06-16', 'explanation' => 'Storm'], ['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => '  ']]])->assertSessionHas('refusal');
        self::assertSame([0, 0], [DB::table('entries')->where('state', 'submitted')->count(), DB::table('finding_explanations')->count()]);
    }

    public function test_what_blocks_stops_everything(): void
    {
        $this->load();
        DB::table('house_rules')->insert(['rule' => 'time_on_absence', 'severity' => 'blocking']);
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-19,2.5\n"]);

        $this->submit(['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]])
            ->assertSessionHas('refusal', static fn (string $why): bool => str_starts_with($why, "Nothing was submitted. 2.5\u{00A0}h on Fri 19 Jun") && str_contains($why, 'Remove the hours or have the absence changed.'));
        self::assertSame(0, DB::table('entries')->where('state', 'submitted')->count());
    }

    public function test_lines_and_cells_go_alone(): void
    {
        $this->load();
        $fit = $this->task('FIT')->id;
        $surveyor = DB::table('roles')->where('code', 'surveyor')->value('id');
        $this->submit(['places' => [['task' => $fit, 'role' => $surveyor, 'date' => '2026-06-16'], ['task' => $this->task('CLEAN')->id]]])
            ->assertSessionHas('message', "12\u{00A0}h submitted.");

        self::assertSame(['2026-06-16', '2026-06-18'], DB::table('entries')->where('state', 'submitted')->orderBy('date')->pluck('date')->all());
        // A line of another role is another line.
        $this->actingAs($this->person('ada'))->getJson('/people/ada/days/2026-W25/submission?places='.$this->task('CLEAN')->id.'::')->assertOk();
        $this->getJson('/people/ada/days/2026-W25/submission?places=x,:,9')->assertUnprocessable();
        $this->submit(['places' => [['task' => $fit, 'role' => null]]])->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'nothing left to submit'));
    }

    public function test_undoing_is_offered_where_it_takes_back_just_what_was_submitted(): void
    {
        $this->load();
        $explained = ['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]];
        $this->submit($explained)->assertSessionHas('undo', '/people/ada/days/2026-W25/submission');
        $this->actingAs($this->person('ada'))->delete('/people/ada/days/2026-W25/submission');
        self::assertSame(4, DB::table('entries')->where('state', 'draft')->count());

        $this->submit(['places' => [['task' => $this->task('CLEAN')->id]]])->assertSessionHas('message', "4\u{00A0}h submitted.");
        $this->submit($explained)->assertSessionHas('message')->assertSessionMissing('undo');
    }

    public function test_twice_is_once(): void
    {
        $this->load();
        $explanations = ['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]];
        $this->submit($explanations);
        $auditTrail = DB::table('audit_trail')->count();

        $this->submit($explanations)->assertSessionHas('message', static fn (string $message): bool => str_contains($message, 'nothing left to submit'));
        self::assertSame($auditTrail, DB::table('audit_trail')->count());
    }

    /** @param  array<int|string, string>  $answers  by wording */
    #[DataProvider('answers')]
    public function test_the_offices_questions_are_answered_with_the_week(array $answers, ?string $refusal): void
    {
        $this->load();
        foreach ([['Anything unsafe?', 'yes/no', '[]', 1], ['Boat used', 'choice', '["Gull","Tern"]', 0], ['Remarks', 'text', '[]', 0]] as [$wording, $kind, $choices, $required]) {
            DB::table('questions')->insert(['wording' => $wording, 'kind' => $kind, 'choices' => $choices, 'required' => $required, 'starts_on' => '2026-06-15', 'ends_on' => '2026-06-15']);
        }
        DB::table('questions')->insert(['wording' => 'Later?', 'kind' => 'text', 'required' => 1, 'starts_on' => '2026-06-16']);
        self::assertSame(['Anything unsafe?', 'Boat used', 'Remarks'], array_column((array) $this->summary()->json('questions'), 'wording'));
        $byId = [];
        foreach ($answers as $wording => $answer) {
            $byId[Question::query()->where('wording', $wording)->sole()->id] = $answer;
        }

        $response = $this->submit(['answers' => $byId, 'explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]]);

        if ($refusal === null) {
            $response->assertSessionHas('message');
            self::assertEqualsCanonicalizing(array_values(array_filter($answers)), DB::table('answers')->pluck('answer')->all());
        } else {
            $response->assertSessionHas('refusal', static fn (string $why): bool => str_contains($why, $refusal));
            self::assertSame([0, 0], [DB::table('answers')->count(), DB::table('entries')->where('state', 'submitted')->count()]);
        }
    }

    /** @return iterable<string, array{array<string, string>, string|null}> */
    public static function answers(): iterable
    {
        yield 'all' => [['Anything unsafe?' => 'no', 'Boat used' => 'Tern', 'Remarks' => 'Calm sea'], null];
        yield 'what must be' => [['Anything unsafe?' => 'yes'], null];
        yield 'not what must be' => [['Boat used' => 'Gull'], 'Answer this first: Anything unsafe?'];
        yield 'no choice' => [['Anything unsafe?' => 'no', 'Boat used' => 'Raft'], 'Choose one of the answers offered: Boat used'];
        yield 'neither yes nor no' => [['Anything unsafe?' => 'perhaps'], 'Nothing was submitted. Choose one of the answers offered:'];
    }

    public function test_what_is_in_order_approves_itself_where_the_organisation_lets_it(): void
    {
        $this->load(['organisation.csv' => "key,value\nself_approve,yes\n"]);
        self::assertSame([true, false, true], array_column((array) $this->summary()->json('recipients'), 'approvesItself'));

        $this->submit(['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]])
            ->assertSessionHas('message', "26.5\u{00A0}h submitted, of which 14\u{00A0}h were in order and approved automatically.");

        self::assertSame(['approved' => 3, 'submitted' => 1], DB::table('entries')->groupBy('state')->orderBy('state')->selectRaw('state, count(*) AS n')->pluck('n', 'state')->all());
        self::assertSame('approve itself', DB::table('decisions')->value('decision'));
    }

    public function test_time_that_came_as_submitted_by_files_is_checked_when_it_comes(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,FIT,surveyor,2026-06-17,12.5,submitted\nmo,OWN,TRAIN,,2026-06-10,13,submitted\n"]));

        self::assertSame(['2026-06-10', '2026-06-17'], DB::table('entries')->where('needs_attention', 1)->orderBy('date')->pluck('date')->all());
        self::assertSame(2, DB::table('findings')->where('rule', 'day_above')->count());
    }

    public function test_the_cell_says_who_has_to_act_and_who_comes_then(): void
    {
        $this->load(['organisation.csv' => "key,value\napproval,project+line\n"]);
        $this->submit(['places' => [['task' => $this->task('CLEAN')->id]]]);

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines.0.cells.3.waitsFor', 'Mo Fell')->where('sheet.lines.0.cells.3.decided', 0)->where('sheet.lines.0.cells.3.then', ['Lee Tor']));
    }

    /** @param  array<string, string>  $changed */
    private function load(array $changed = []): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES] + $changed));
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function summary(): TestResponse
    {
        return $this->actingAs($this->person('ada'))->getJson('/people/ada/days/2026-W25/submission')->assertOk();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function submit(array $body = []): TestResponse
    {
        return $this->actingAs($this->person('ada'))->from('/week/2026-W25')->post('/people/ada/days/2026-W25/submission', $body);
    }
}
