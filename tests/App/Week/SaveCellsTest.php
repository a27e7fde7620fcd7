<?php

declare(strict_types=1);

namespace Tests\App\Week;

use App\Models\Task;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class SaveCellsTest extends TestCase
{
    private const ADDRESS = '/people/ada/week/2026-W25/cells';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_hours_are_saved_with_the_weeks_sums_and_survive(): void
    {
        $this->save('FIT', '2026-06-17', '1h 30m')->assertOk()->assertJson([
            'cells' => [['outcome' => 'saved', 'message' => null, 'cell' => ['minutes' => 90, 'version' => 1, 'state' => 'draft']]],
            'totals' => ['week' => 90, 'days' => [0, 0, 90, 0, 0, 0, 0], 'projects' => ['LENS' => 90]],
        ]);

        self::assertSame(90, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());
        self::assertSame(['ink', '2026-06-17'], array_values((array) DB::table('audit_trail')->orderByDesc('id')->first(['act', 'date'])));
    }

    public function test_a_cell_is_changed_and_cleared_over_the_version_seen(): void
    {
        $this->save('FIT', '2026-06-17', '8');
        $this->outcome($this->save('FIT', '2026-06-17', '7,5', 1), 'saved', ['minutes' => 450, 'version' => 2]);
        $this->outcome($this->save('FIT', '2026-06-17', '', 2), 'saved', ['minutes' => null, 'version' => null]);

        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
        self::assertSame(['ink', 'change', 'clear'], DB::table('audit_trail')->where('act', '<>', 'import')->orderBy('id')->pluck('act')->all());
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_saved_is_refused_with_a_sentence_and_changes_nothing(string $task, string $date, string $hours, string $sentence): void
    {
        $this->outcome($this->save($task, $date, $hours), 'refused', ['minutes' => null], $sentence);

        self::assertSame(0, DB::table('entries')->count());
        self::assertSame(0, DB::table('audit_trail')->where('act', '<>', 'import')->count());
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refused(): iterable
    {
        yield 'nonsense' => ['FIT', '2026-06-17', 'eight', '“eight” is not a number of hours. Enter it as 8, 7.5'];
        yield 'a negative' => ['FIT', '2026-06-17', '-2', 'is negative'];
        yield 'sixty minutes' => ['FIT', '2026-06-17', '1:60', 'has more than 59 minutes'];
        yield 'more than a day' => ['FIT', '2026-06-17', '25', 'is more than a day'];
        yield 'half a megabyte' => ['FIT', '2026-06-17', str_repeat('8', 524_288), '” is not a number of hours. Enter it as 8, 7.5, 7:30, 7h 30m or 450m.'];
        yield 'a formula' => ['FIT', '2026-06-17', '=1+1', '” is not a number of hours. Enter it as 8, 7.5, 7:30, 7h 30m or 450m.'];
        yield 'a task of nobody' => ['NONE', '2026-06-17', '8', 'This task no longer exists. Reload the week.'];
        yield 'a closed project' => ['SCRAP', '2026-06-17', '8', 'Old crane is closed'];
        yield 'a task done before' => ['DRAW', '2026-06-17', '8', 'Drawings has been done since 2026-06-12'];
    }

    /** @param  list<array<string, mixed>>  $cells */
    #[DataProvider('shapeless')]
    public function test_what_has_not_the_shape_of_cells_is_refused_whole(array $cells, string $sentence): void
    {
        $this->actingAs($this->person('ada'))->putJson(self::ADDRESS, ['cells' => $cells])->assertUnprocessable()
            ->assertJsonPath('message', fn (string $message): bool => str_contains($message, $sentence));
        self::assertSame(0, DB::table('entries')->count());
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> */
    public static function shapeless(): iterable
    {
        $cell = ['task' => 1, 'role' => null, 'date' => '2026-06-17', 'hours' => '1', 'seen' => null];
        yield 'no cells' => [[], 'cells'];
        yield 'a day that is none' => [[['date' => '2026-02-30'] + $cell], 'date'];
        yield 'a year that is none' => [[['date' => '0000-01-01'] + $cell], 'date'];
        yield 'a day of another week' => [[['date' => '2026-06-22'] + $cell], '2026-06-22 is not in week 2026-W25'];
        yield 'a cell twice' => [[$cell, $cell], 'sent twice'];
        yield 'a role of nobody' => [[['role' => 999_999] + $cell], 'This role no longer exists. Reload the week.'];
        yield 'a note without end' => [[['note' => str_repeat('n', 2001)] + $cell], 'note'];
        yield 'more than any sheet' => [array_fill(0, 1001, $cell), 'cells'];
    }

    public function test_a_task_that_is_not_ones_own_is_refused_and_names_whom_to_ask(): void
    {
        $response = $this->actingAs($this->person('bo'))->putJson('/people/bo/week/2026-W25/cells', ['cells' => [$this->cell('FIT', '2026-06-17', '8')]]);

        $this->outcome($response, 'refused', ['minutes' => null], 'Fit the lens is not assigned to you or your team. Ask the project manager, Mo Fell, to assign you.');
    }

    public function test_a_teams_task_and_internal_time_are_everybodys(): void
    {
        $this->outcome($this->save('CLEAN', '2026-06-17', '2', null, false), 'saved');
        $this->outcome($this->actingAs($this->person('bo'))->putJson('/people/bo/week/2026-W25/cells', ['cells' => [$this->cell('TRAIN', '2026-06-17', '2', null, false)]]), 'saved');
    }

    public function test_a_day_holds_no_more_than_24_hours(): void
    {
        $this->outcome($this->save('FIT', '2026-06-17', '20'), 'saved');
        $this->outcome($this->save('CLEAN', '2026-06-17', '4:01', null, false), 'refused', [], ', but a day has only 24:00. Shorten another line first.');
        $this->outcome($this->save('CLEAN', '2026-06-17', '4', null, false), 'saved');
    }

    public function test_hours_move_from_one_line_to_another_on_a_full_day(): void
    {
        $this->save('FIT', '2026-06-17', '24');

        $this->saveAll([$this->cell('CLEAN', '2026-06-17', '10', null, false), $this->cell('FIT', '2026-06-17', '14', 1)])
            ->assertJsonPath('cells.*.outcome', ['saved', 'saved'])->assertJsonPath('totals.week', 1440);
    }

    public function test_of_many_cells_the_good_are_saved_and_the_bad_say_why(): void
    {
        $this->saveAll([
            $this->cell('FIT', '2026-06-15', '2'),
            $this->cell('FIT', '2026-06-16', '1:60'),
            $this->cell('CLEAN', '2026-06-16', '3', null, false),
            $this->cell('SCRAP', '2026-06-16', '1'),
            $this->cell('CLEAN', '2026-06-18', '4', 7, false),
        ])->assertJsonPath('cells.*.outcome', ['saved', 'refused', 'saved', 'refused', 'moved on'])->assertJsonPath('totals.week', 300);

        self::assertSame([120, 180], DB::table('entries')->orderBy('date')->pluck('minutes')->all());
        self::assertSame(2, DB::table('audit_trail')->where('act', 'ink')->count());
    }

    public function test_nearly_two_hundred_cells_are_one_transaction_and_as_many_queries_as_one(): void
    {
        [$tasks, $assignments] = ['', ''];
        foreach (range(10, 37) as $number) {
            $tasks .= "LENS,T$number,Task $number\n";
            $assignments .= "LENS,T$number,ada,2,2026-01-01,2026-12-31\n";
        }
        $this->import(['tasks.csv' => "project,task,name\n".$tasks, 'assignments.csv' => "project,task,person,planned,starts_on,ends_on\n".$assignments]);
        $this->actingAs($this->person('ada'));
        $cell = $this->cell('FIT', '2026-06-17', '1');
        $one = $this->queriesOf(fn () => $this->saveAll([$cell])->assertOk());
        $cells = [];
        foreach (range(10, 37) as $number) {
            foreach (range(15, 21) as $day) {
                $cells[] = $this->cell('T'.$number, '2026-06-'.$day, '0:30', null, false);
            }
        }
        $begun = 0;
        DB::connection()->beforeStartingTransaction(function () use (&$begun): void {
            $begun++;
        });

        $many = $this->queriesOf(fn () => $this->saveAll($cells)->assertOk()->assertJsonPath('totals.week', 196 * 30 + 60));

        self::assertSame(1, $begun);
        // No role is named in the many; forecasts of their tasks come that were not there.
        self::assertEqualsWithDelta($one, $many, 4);
        // Nine of the sheet, with who is signed in; the others keep the project's figures and months right at once.
        self::assertLessThanOrEqual(25, $one);
    }

    public function test_the_later_of_two_tabs_is_told_and_nothing_is_overwritten(): void
    {
        $this->save('FIT', '2026-06-17', '3');
        $this->outcome($this->save('FIT', '2026-06-17', '5'), 'moved on', ['minutes' => 180, 'version' => 1], 'This cell has changed in the meantime and is now');
        self::assertSame(180, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());

        $this->outcome($this->save('FIT', '2026-06-17', '0', 1), 'saved');
        $this->outcome($this->save('FIT', '2026-06-17', '6', 1), 'moved on', ['minutes' => null, 'version' => null], 'This cell was cleared in the meantime. Your value was not saved.');
        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
    }

    public function test_the_same_value_twice_is_the_same_as_once(): void
    {
        $this->save('FIT', '2026-06-17', '3');
        $this->outcome($this->save('FIT', '2026-06-17', '3:00'), 'saved', ['minutes' => 180, 'version' => 1]);
        self::assertSame(1, DB::table('audit_trail')->where('act', '<>', 'import')->count());
    }

    public function test_notes_and_billing_change_without_the_hours_and_leave_their_audit_trail(): void
    {
        $this->save('FIT', '2026-06-17', '3');
        $cell = $this->cell('FIT', '2026-06-17', '', 1);
        unset($cell['hours']);
        $this->outcome(
            $this->saveAll([['note' => ' Bolts <b>checked</b> ', 'clientNote' => 'Fitting', 'billable' => false] + $cell]),
            'saved',
            ['minutes' => 180, 'note' => 'Bolts <b>checked</b>', 'clientNote' => 'Fitting', 'billable' => false, 'version' => 2],
        );

        self::assertSame(['Bolts <b>checked</b>', 'Fitting', 0], array_values((array) DB::table('entries')->first(['note', 'client_note', 'billable'])));
        $this->getJson('/people/ada/week/2026-W25/audit-trail?'.http_build_query(['task' => $cell['task'], 'role' => $cell['role'], 'date' => '2026-06-17']))
            ->assertJsonPath('*.act', ['change', 'ink'])->assertJsonPath('0.note', 'Bolts <b>checked</b>')->assertJsonPath('1.after', 180)->assertJsonPath('1.actor', 'Ada Moor');
    }

    public function test_words_for_the_client_are_pencilled_where_there_are_none(): void
    {
        $response = $this->saveAll([['note' => 'Bolts'] + $this->cell('FIT', '2026-06-17', '3')]);
        $this->outcome($response, 'saved', ['clientNote' => '', 'proposedClientNote' => 'Lens refit, Fit the lens: Bolts']);
        $cell = $this->cell('FIT', '2026-06-17', '3', 1);

        $this->outcome($this->saveAll([['billable' => false] + $cell]), 'saved', ['proposedClientNote' => null]);
    }

    public function test_a_note_needs_hours_to_stand_on(): void
    {
        $this->outcome($this->saveAll([['note' => 'Bolts'] + $this->cell('FIT', '2026-06-17', '')]), 'refused', [], 'A note needs hours. Enter hours here first.');
    }

    #[DataProvider('fixedStates')]
    public function test_what_is_submitted_or_decided_cannot_be_typed_over(string $state, string $sentence): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-17,8,$state\n"]);
        $this->outcome($this->save('FIT', '2026-06-17', '7', 1), 'refused', ['minutes' => 480], $sentence);
        $this->outcome($this->saveAll([['note' => 'late'] + $this->cell('FIT', '2026-06-17', '8', 1)]), 'refused', ['note' => ''], $sentence);

        self::assertSame(480, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());
    }

    /** @return iterable<array{string, string}> */
    public static function fixedStates(): iterable
    {
        yield ['submitted', 'This is waiting for approval and cannot be changed. Take the week back first.'];
        yield ['approved', 'is approved'];
        yield ['settled', 'is settled'];
    }

    public function test_settled_time_cannot_be_changed_past_the_application_either(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-17,8,settled\n"]);
        foreach ([static fn () => DB::table('entries')->update(['minutes' => 60]), static fn () => DB::table('entries')->delete(), static fn () => DB::table('audit_trail')->delete()] as $act) {
            try {
                $act();
                self::fail('changed');
            } catch (QueryException $refused) {
                self::assertMatchesRegularExpression('/settled time cannot|append-only/', $refused->getMessage());
            }
        }
        self::assertSame(480, DB::table('entries')->value('minutes'));
    }

    public function test_a_cell_is_saved_with_as_many_queries_however_much_there_is(): void
    {
        $this->actingAs($this->person('ada'));
        $this->save('FIT', '2026-06-16', '1');
        $few = $this->queriesOf(fn () => $this->save('FIT', '2026-06-17', '8')->assertOk());
        $rows = '';
        foreach (range(1, 28) as $day) {
            $rows .= sprintf("ada,LENS,FIT,surveyor,2026-05-%02d,1\nada,LENS,CLEAN,,2026-05-%02d,1\n", $day, $day);
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours\n".$rows]);

        // Up to four more where the forecasts of weeks come and go, of the task and of its project.
        self::assertEqualsWithDelta($few, $this->queriesOf(fn () => $this->save('FIT', '2026-06-18', '8')->assertOk()), 4);
    }

    /** @return TestResponse<Response> */
    private function save(string $task, string $date, string $hours, ?int $seen = null, bool $inRole = true): TestResponse
    {
        return $this->saveAll([$this->cell($task, $date, $hours, $seen, $inRole)]);
    }

    /**
     * @param  list<array<string, mixed>>  $cells
     * @return TestResponse<Response>
     */
    private function saveAll(array $cells): TestResponse
    {
        return $this->actingAs($this->person('ada'))->putJson(self::ADDRESS, ['cells' => $cells])->assertOk();
    }

    /**
     * @param  TestResponse<Response>  $response
     * @param  array<string, mixed>  $cell  how it is now, in part
     */
    private function outcome(TestResponse $response, string $outcome, array $cell = [], string $sentence = ''): void
    {
        $response->assertJsonPath('cells.0.outcome', $outcome)->assertJson(['cells' => [['cell' => $cell]]])
            ->assertJsonPath('cells.0.message', fn (?string $message): bool => str_contains((string) $message, $sentence));
    }

    /** @return array<string, mixed> */
    private function cell(string $task, string $date, string $hours, ?int $seen = null, bool $inRole = true): array
    {
        return [
            'task' => Task::query()->where('code', $task)->value('id') ?? 999_999,
            'role' => $inRole ? DB::table('roles')->where('code', 'surveyor')->value('id') : null,
            'date' => $date,
            'hours' => $hours,
            'seen' => $seen,
        ];
    }
}
