<?php

declare(strict_types=1);

namespace Tests\App\Week;

use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class SaveCellTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_hours_are_saved_with_the_weeks_sums_and_survive(): void
    {
        $this->save('ada', 'FIT', '2026-06-17', '1h 30m')->assertOk()->assertJson([
            'minutes' => 90, 'version' => 1, 'state' => 'draft',
            'totals' => ['week' => 90, 'days' => [0, 0, 90, 0, 0, 0, 0], 'projects' => ['LENS' => 90]],
        ]);

        self::assertSame(90, $this->entry('ada', 'FIT', '2026-06-17')?->minutes);
        self::assertSame(['ink', '2026-06-17'], array_values((array) DB::table('trail')->orderByDesc('id')->first(['act', 'date'])));
    }

    public function test_a_cell_is_changed_and_cleared_over_the_version_seen(): void
    {
        $this->save('ada', 'FIT', '2026-06-17', '8');
        $this->save('ada', 'FIT', '2026-06-17', '7,5', 1)->assertOk()->assertJson(['minutes' => 450, 'version' => 2]);
        $this->save('ada', 'FIT', '2026-06-17', '', 2)->assertOk()->assertJson(['minutes' => null, 'version' => null]);

        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
        self::assertSame(['ink', 'change', 'clear'], DB::table('trail')->where('act', '<>', 'import')->orderBy('id')->pluck('act')->all());
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_saved_is_refused_with_a_sentence_and_changes_nothing(string $task, string $date, string $hours, string $sentence): void
    {
        $this->save('ada', $task, $date, $hours)->assertStatus(422)->assertJsonPath('message', fn (string $message): bool => str_contains($message, $sentence));

        self::assertSame(0, DB::table('entries')->count());
        self::assertSame(0, DB::table('trail')->where('act', '<>', 'import')->count());
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function refused(): iterable
    {
        yield 'nonsense' => ['FIT', '2026-06-17', 'eight', '“eight” is not hours. Type them as 8, 7.5'];
        yield 'a negative' => ['FIT', '2026-06-17', '-2', 'is negative'];
        yield 'sixty minutes' => ['FIT', '2026-06-17', '1:60', 'has more than 59 minutes'];
        yield 'more than a day' => ['FIT', '2026-06-17', '25', 'is more than a day'];
        yield 'half a megabyte' => ['FIT', '2026-06-17', str_repeat('8', 524_288), 'is not hours'];
        yield 'a formula' => ['FIT', '2026-06-17', '=1+1', 'is not hours'];
        yield 'a task of nobody' => ['NONE', '2026-06-17', '8', 'There is no such task'];
        yield 'a closed project' => ['SCRAP', '2026-06-17', '8', 'Old crane is closed'];
        yield 'a task done before' => ['DRAW', '2026-06-17', '8', 'Drawings is done since 2026-06-12'];
        yield 'a day that is none' => ['FIT', '2026-02-30', '8', 'date'];
    }

    public function test_a_task_that_is_not_ones_own_is_refused_and_names_whom_to_ask(): void
    {
        $this->save('bo', 'FIT', '2026-06-17', '8')->assertStatus(422)
            ->assertJsonPath('message', 'Fit the lens is not assigned to you or your team. Ask its project manager, Mo Fell, to assign you.');
    }

    public function test_a_teams_task_and_internal_time_are_everybodys(): void
    {
        $this->save('ada', 'CLEAN', '2026-06-17', '2', null, false)->assertOk();
        $this->save('bo', 'TRAIN', '2026-06-17', '2', null, false)->assertOk();
    }

    public function test_a_day_holds_no_more_than_24_hours(): void
    {
        $this->save('ada', 'FIT', '2026-06-17', '20')->assertOk();
        $this->save('ada', 'CLEAN', '2026-06-17', '4:01', null, false)->assertStatus(422)->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'The day would hold'));
        $this->save('ada', 'CLEAN', '2026-06-17', '4', null, false)->assertOk();
    }

    public function test_the_later_of_two_tabs_is_told_and_nothing_is_overwritten(): void
    {
        $this->save('ada', 'FIT', '2026-06-17', '3');
        $this->save('ada', 'FIT', '2026-06-17', '5')->assertStatus(409)->assertJson(['minutes' => 180, 'version' => 1])
            ->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'it now holds'));
        self::assertSame(180, $this->entry('ada', 'FIT', '2026-06-17')?->minutes);

        $this->save('ada', 'FIT', '2026-06-17', '0', 1)->assertOk();
        $this->save('ada', 'FIT', '2026-06-17', '6', 1)->assertStatus(409)->assertJson(['minutes' => null, 'version' => null]);
        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
    }

    public function test_the_same_value_twice_is_the_same_as_once(): void
    {
        $this->save('ada', 'FIT', '2026-06-17', '3');
        $this->save('ada', 'FIT', '2026-06-17', '3:00')->assertOk()->assertJson(['minutes' => 180, 'version' => 1]);
    }

    #[DataProvider('fixedStates')]
    public function test_what_is_submitted_or_decided_cannot_be_typed_over(string $state, string $sentence): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-17,8,$state\n"]);
        $this->save('ada', 'FIT', '2026-06-17', '7', 1)->assertStatus(422)->assertJsonPath('message', fn (string $message): bool => str_contains($message, $sentence));

        self::assertSame(480, $this->entry('ada', 'FIT', '2026-06-17')?->minutes);
    }

    /** @return iterable<array{string, string}> */
    public static function fixedStates(): iterable
    {
        yield ['submitted', 'waits for approval'];
        yield ['approved', 'is approved'];
        yield ['settled', 'is settled'];
    }

    public function test_settled_time_cannot_be_changed_past_the_application_either(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-17,8,settled\n"]);
        foreach ([static fn () => DB::table('entries')->update(['minutes' => 60]), static fn () => DB::table('entries')->delete(), static fn () => DB::table('trail')->delete()] as $act) {
            try {
                $act();
                self::fail('changed');
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertMatchesRegularExpression('/settled time cannot|append only/', $refused->getMessage());
            }
        }
        self::assertSame(480, DB::table('entries')->value('minutes'));
    }

    public function test_a_cell_is_saved_with_at_most_eight_queries_however_much_there_is(): void
    {
        $this->actingAs($this->person('ada'));
        $this->save('ada', 'FIT', '2026-06-16', '1');
        $few = $this->queriesOfSaving('2026-06-17');
        $rows = '';
        foreach (range(1, 28) as $day) {
            $rows .= sprintf("ada,LENS,FIT,surveyor,2026-05-%02d,1\nada,LENS,CLEAN,,2026-05-%02d,1\n", $day, $day);
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours\n".$rows]);
        $many = $this->queriesOfSaving('2026-06-18');

        self::assertSame($few, $many);
        // One more reads who is signed in, which a test need not.
        self::assertLessThanOrEqual(7, $many);
    }

    private function queriesOfSaving(string $date): int
    {
        $body = $this->body('FIT', $date, '8', null, true);

        return $this->queriesOf(fn () => $this->putJson('/week/cells', $body)->assertOk());
    }

    /** @return TestResponse<Response> */
    private function save(string $person, string $task, string $date, string $hours, ?int $seen = null, bool $inRole = true): TestResponse
    {
        return $this->actingAs($this->person($person))->putJson('/week/cells', $this->body($task, $date, $hours, $seen, $inRole));
    }

    /** @return array<string, mixed> */
    private function body(string $task, string $date, string $hours, ?int $seen, bool $inRole): array
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
