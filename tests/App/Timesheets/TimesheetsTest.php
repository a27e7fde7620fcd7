<?php

declare(strict_types=1);

namespace Tests\App\Timesheets;

use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class TimesheetsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_everybody_sees_whose_sheets_they_may_record_in_and_why(): void
    {
        $this->trust('bo', false);

        $this->assertOwners('bo', ['ada'], ['permission']);
        $this->assertOwners('lee', ['ada', 'mo'], ['line manager', 'line manager']);
        $this->assertOwners('kit', ['ada', 'bo', 'lee', 'mo'], ['office', 'office', 'office', 'office']);
        $this->assertOwners('mo', [], []);
        $this->actingAs($this->person('kit'))->get('/timesheets?search=MOO')->assertInertia(fn (AssertableInertia $page) => $page->has('sheets.owners', 1));
        $this->get('/timesheets?search=%25')->assertInertia(fn (AssertableInertia $page) => $page->has('sheets.owners', 0));
    }

    public function test_somebody_with_permission_records_and_it_shows_who_did(): void
    {
        $this->trust('bo', false);
        $this->actingAs($this->person('bo'))->putJson('/people/ada/week/2026-W25/cells', ['cells' => [
            ['task' => $this->task('FIT')->id, 'role' => $this->person('ada')->role_id, 'date' => '2026-06-16', 'hours' => '2', 'seen' => null],
        ]])->assertJsonPath('cells.0.cell.recordedBy', 'Bo Carr');

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines.1.cells.1.recordedBy', 'Bo Carr')->where('sheet.lines.1.cells.1.recordedAt', fn (string $at): bool => str_starts_with($at, '2026-06-17T')));
        self::assertSame([$this->person('bo')->id, $this->person('ada')->id], array_values((array) DB::table('audit_trail')->where('act', 'ink')->first(['actor_id', 'person_id'])));
        $this->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "2\u{00A0}h submitted.");
        // Who approves it sees it too.
        $this->actingAs($this->person('mo'))->get('/review')->assertInertia(fn (AssertableInertia $page) => $page->where('review.sheets.0.lines.0.cells.0.recordedBy', 'Bo Carr'));
    }

    public function test_the_owner_submits_unless_they_have_left_that_over_too(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,2\n"]);
        $this->trust('bo', false);
        $this->actingAs($this->person('bo'))->post('/people/ada/days/2026-W25/submission')->assertForbidden();
        foreach (['lee', 'kit'] as $trusted) {
            $this->actingAs($this->person($trusted))->post('/people/ada/days/2026-W25/submission')->assertForbidden();
        }
        $this->trust('bo', true);
        $this->actingAs($this->person('bo'))->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "2\u{00A0}h submitted.");

        self::assertSame('submitted', DB::table('entries')->value('state'));
        self::assertSame($this->person('bo')->id, DB::table('audit_trail')->where('act', 'submit')->value('actor_id'));
        $this->delete('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "2\u{00A0}h taken back. They are drafts again.");
    }

    public function test_taking_it_away_ends_it_and_leaves_what_was_recorded(): void
    {
        $this->trust('bo', true);
        $this->actingAs($this->person('bo'))->get('/people/ada/week/2026-W25')->assertOk();
        $this->actingAs($this->person('ada'))->delete('/timesheets/recorders/bo')->assertSessionHas('message', 'Bo Carr can no longer record in your timesheet. What they have recorded stays.');

        $this->actingAs($this->person('bo'))->get('/people/ada/week/2026-W25')->assertForbidden();
    }

    public function test_a_recorder_sees_the_sheet_in_its_owners_order_and_may_not_change_their_preferences(): void
    {
        $this->trust('bo', true);
        $this->actingAs($this->person('bo'))->get('/people/ada/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.isOwn', false)->where('sheet.mayRecord', true)->where('sheet.maySubmit', true)->where('sheet.personName', 'Ada Moor')
            ->where('sheet.lines.1.taskName', 'Fit the lens'));
        $this->putJson('/preferences/arrangement', ['projects' => ['OWN'], 'lines' => [], 'collapsed' => []])->assertOk();

        self::assertSame('{}', DB::table('people')->where('code', 'ada')->value('arrangement'));
    }

    private function trust(string $recorder, bool $maySubmit): void
    {
        $this->actingAs($this->person('ada'))->put('/timesheets/recorders/'.$recorder, ['maySubmit' => $maySubmit])->assertSessionHasNoErrors()->assertRedirect();
    }

    /**
     * @param  list<string>  $owners
     * @param  list<string>  $reasons
     */
    private function assertOwners(string $reader, array $owners, array $reasons): void
    {
        $this->actingAs($this->person($reader))->get('/timesheets')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheets.owners', fn (mixed $found): bool => self::each($found, 'code') === $owners && self::each($found, 'reason') === $reasons));
    }
}
