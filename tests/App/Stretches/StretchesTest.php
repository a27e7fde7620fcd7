<?php

declare(strict_types=1);

namespace Tests\App\Stretches;

use App\Models\Entry;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Moss\Core\Sheet\EntryState;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Time by the clock, and the entries that follow it. */
final class StretchesTest extends TestCase
{
    private const WEEK = '/people/ada/week/2026-W25';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'));
    }

    public function test_what_is_drawn_is_inked_and_comes_on_top_of_what_its_line_holds(): void
    {
        $this->draw('9-11:30', note: 'bolts')->assertOk();
        $this->draw('13:00–14:00', note: 'bolts')->assertOk();

        self::assertSame(['09:00–11:30 ink', '13:00–14:00 ink'], self::stretches());
        self::assertSame([210, 'bolts'], [$this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-16')?->note]);
        // The same audit trail and totals as by any other way.
        self::assertSame(['ink', 'change'], DB::table('audit_trail')->where('subject', 'entry')->pluck('act')->all());
        self::assertSame(210, (int) DB::table('recorded_weeks')->sum('pending_minutes'));
    }

    public function test_it_is_moved_resized_and_put_on_another_line_and_day(): void
    {
        $this->draw('9-11:30');
        $this->change(self::lastId('stretches'), ['times' => '10-12'])->assertOk();
        self::assertSame([['10:00–12:00 ink'], 120], [self::stretches(), $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt()]);
        $this->change(self::lastId('stretches'), ['task' => $this->task('CLEAN')->id, 'date' => '2026-06-17', 'times' => '10-12'])->assertOk();

        self::assertNull($this->entry('ada', 'FIT', '2026-06-16'));
        self::assertSame(120, $this->entry('ada', 'CLEAN', '2026-06-17')?->minutes->toInt());
    }

    public function test_it_is_split_and_its_parts_add_up_to_the_same(): void
    {
        $this->draw('9-11:30');
        $id = self::lastId('stretches');
        $this->postJson(self::WEEK.'/stretches/'.$id.'/split', ['seen' => 1, 'at' => 600])->assertOk();

        self::assertSame([['09:00–10:00 ink', '10:00–11:30 ink'], 150], [self::stretches(), $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt()]);
        foreach ([540, 600] as $at) {
            $this->postJson(self::WEEK.'/stretches/'.$id.'/split', ['seen' => 2, 'at' => $at])->assertStatus(409)->assertJsonPath('message', 'Split it at a time between its start and its end.');
        }
    }

    public function test_it_is_removed_with_its_minutes(): void
    {
        $this->draw('9-11');
        $this->draw('13-14');
        $this->deleteJson(self::WEEK.'/stretches/'.self::lastId('stretches'), ['seen' => 1])->assertOk();
        self::assertSame(120, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
        $this->deleteJson(self::WEEK.'/stretches/'.Stretch::query()->sole()->id, ['seen' => 1])->assertOk();

        self::assertNull($this->entry('ada', 'FIT', '2026-06-16'));
        $this->assertDatabaseEmpty('stretches');
    }

    public function test_time_without_times_lives_in_the_same_entry(): void
    {
        $this->type('2', null);
        $this->draw('9-11')->assertOk();
        self::assertSame(240, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
        // Typed shorter than its times, the last of them is shorter; an act on it starts from there.
        $this->type('1:30', 2);
        $this->change(self::lastId('stretches'), ['times' => '9-12'])->assertOk();
        self::assertSame([['09:00–12:00 ink'], 180], [self::stretches(), $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt()]);
        $this->change(self::lastId('stretches'), ['times' => '9-10', 'seen' => 1])->assertStatus(409)->assertJsonPath('message', 'This time was changed in another window. Look at it again, then repeat what you wanted.');
    }

    public function test_an_act_starts_from_what_the_week_shows(): void
    {
        $this->draw('9-12');
        $this->type('2', 1);
        $this->draw('14-15')->assertOk();

        self::assertSame([['09:00–11:00 ink', '14:00–15:00 ink'], 180], [self::stretches(), $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt()]);
    }

    public function test_clearing_a_cell_takes_what_was_drawn_with_it_and_removing_its_line_does(): void
    {
        $this->draw('9-12');
        $this->type('', 1);
        $this->assertDatabaseEmpty('stretches');
        $this->draw('9-12');
        $this->delete(self::WEEK.'/lines', ['task' => $this->task('FIT')->id, 'role' => null, 'minutes' => 180]);
        $this->assertDatabaseEmpty('stretches');
    }

    public function test_pencil_is_inked_on_top_of_what_is_there_with_its_note_and_twice_is_once(): void
    {
        $this->type('1', null, 'seen');
        $ids = [$this->pencil(540, 600, 'bolts'), $this->pencil(660, 690, 'bolts'), $this->pencil(700, 730, 'paint')];
        for ($time = 0; $time < 2; $time++) {
            $this->postJson(self::WEEK.'/stretches/ink', ['stretches' => $ids])->assertOk();
        }

        self::assertSame([180, "seen\nbolts\npaint"], [$this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-16')?->note]);
        self::assertSame(['09:00–10:00 ink', '11:00–11:30 ink', '11:40–12:10 ink'], self::stretches());
        $this->postJson(self::WEEK.'/stretches/ink', ['stretches' => [999]])->assertStatus(409)->assertJsonPath('message', 'This time has been removed in the meantime.');
    }

    public function test_pencil_is_changed_and_removed_without_any_entry(): void
    {
        $id = $this->pencil(540, 600, '');
        $this->change($id, ['task' => $this->task('CLEAN')->id, 'times' => '9-9:30', 'note' => 'paint'])->assertOk();
        $this->change($id, ['task' => $this->task('SCRAP')->id, 'seen' => 2])->assertStatus(409);
        $this->deleteJson(self::WEEK.'/stretches/'.$id, ['seen' => 2])->assertOk();

        $this->assertDatabaseEmpty('entries');
        $this->assertDatabaseEmpty('stretches');
    }

    public function test_decided_time_stays_as_it_is(): void
    {
        $this->draw('9-11');
        Entry::query()->update(['state' => EntryState::Approved]);
        $this->draw('13-14')->assertStatus(409);
        $this->change(self::lastId('stretches'), ['times' => '9-12'])->assertStatus(409);
        $this->deleteJson(self::WEEK.'/stretches/'.self::lastId('stretches'), ['seen' => 1])->assertStatus(409);

        self::assertSame([['09:00–11:00 ink'], 120], [self::stretches(), $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt()]);
    }

    public function test_a_day_has_no_more_than_24_hours(): void
    {
        $this->draw('0-20')->assertOk();
        $this->draw('9-17')->assertStatus(409)->assertJsonPath('message', 'A day has 24 hours; this line would have more.');
        $this->draw('9-17', 'CLEAN')->assertStatus(409);
        self::assertCount(1, self::stretches());
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['times' => '9-9'], 'times'])]
    #[TestWith([['times' => 'morning'], 'times'])]
    #[TestWith([['times' => null], 'starts'])]
    #[TestWith([['times' => null, 'starts' => 600, 'ends' => 600], 'times'])]
    #[TestWith([['times' => null, 'starts' => -1, 'ends' => 600], 'starts'])]
    #[TestWith([['times' => null, 'starts' => 0, 'ends' => 1441], 'ends'])]
    #[TestWith([['date' => '2026-06-22'], 'date'])]
    #[TestWith([['date' => 'tuesday'], 'date'])]
    #[TestWith([['task' => 'lens'], 'task'])]
    #[TestWith([['role' => 999], 'role'])]
    public function test_what_makes_no_sense_is_refused_at_its_field(array $body, string $field): void
    {
        $this->postJson(self::WEEK.'/stretches', $body + ['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-16', 'times' => '9-10'])
            ->assertUnprocessable()->assertJsonValidationErrorFor($field);
        $this->assertDatabaseEmpty('stretches');
    }

    public function test_nobody_touches_the_time_of_others(): void
    {
        $this->draw('9-11');
        $id = self::lastId('stretches');
        foreach (['bo', 'vic', 'mo'] as $other) {
            $this->actingAs($this->person($other));
            $this->draw('13-14')->assertForbidden();
            $this->change($id, ['times' => '9-12'])->assertForbidden();
            $this->deleteJson(self::WEEK.'/stretches/'.$id, ['seen' => 1])->assertForbidden();
        }
        // Not by way of one's own week either.
        $this->actingAs($this->person('bo'))->deleteJson('/people/bo/week/2026-W25/stretches/'.$id, ['seen' => 1])->assertStatus(409)->assertJsonPath('message', 'This time has been removed in the meantime.');
        self::assertCount(1, self::stretches());
    }

    /** @return TestResponse<Response> */
    private function draw(string $times, string $task = 'FIT', string $note = ''): TestResponse
    {
        return $this->postJson(self::WEEK.'/stretches', ['task' => $this->task($task)->id, 'role' => null, 'date' => '2026-06-16', 'times' => $times, 'note' => $note]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function change(int $id, array $body): TestResponse
    {
        return $this->putJson(self::WEEK.'/stretches/'.$id, $body + ['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-16', 'times' => '9-10', 'seen' => Stretch::query()->whereKey($id)->value('version') ?? 1]);
    }

    private function type(string $hours, ?int $seen, string $note = ''): void
    {
        $this->putJson(self::WEEK.'/cells', ['cells' => [['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-16', 'hours' => $hours, 'note' => $note, 'seen' => $seen]]])
            ->assertOk()->assertJsonPath('cells.0.outcome', 'saved');
    }

    private function pencil(int $starts, int $ends, string $note): int
    {
        return Stretch::query()->create([
            'person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'role_id' => null, 'date' => '2026-06-16',
            'starts_at' => $starts, 'ends_at' => $ends, 'is_inked' => false, 'source' => StretchSource::Timer, 'note' => $note, 'version' => 1,
        ])->id;
    }

    /** @return list<string> */
    private static function stretches(): array
    {
        return array_values(Stretch::query()->orderBy('starts_at')->get()->map(static fn (Stretch $one): string => $one->span()->toString().($one->is_inked ? ' ink' : ' pencil'))->all());
    }
}
