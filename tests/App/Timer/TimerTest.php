<?php

declare(strict_types=1);

namespace Tests\App\Timer;

use App\Models\Organisation;
use App\Models\Stretch;
use App\Models\Timer;
use App\Support\Clock\Today;
use Illuminate\Testing\TestResponse;
use Moss\Core\Timer\Rounding;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** One timer a person. Ada is in Berlin, where it is two hours later than in UTC. */
final class TimerTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->app->instance(Today::class, new Today(null));
        $this->at('2026-06-17 07:00:00');
        $this->person('ada')->update(['timezone' => 'Europe/Berlin']);
        $this->actingAs($this->person('ada'));
    }

    public function test_it_is_started_paused_resumed_and_stopped_and_becomes_pencil(): void
    {
        $this->start('FIT')->assertOk()->assertJsonPath('timer.taskName', 'Fit the lens')->assertJsonPath('timer.isRunning', true)->assertJsonPath('timer.since', '2026-06-17T09:00');
        $this->at('2026-06-17 08:30:00');
        $this->act('pause')->assertJsonPath('timer.isRunning', false)->assertJsonPath('timer.seconds', 5400);
        $this->at('2026-06-17 09:00:00');
        $this->act('resume')->assertJsonPath('timer.isRunning', true);
        $this->act('note', ['note' => ' bolts '])->assertJsonPath('timer.note', 'bolts');
        $this->at('2026-06-17 09:20:40');
        $this->act('stop')->assertJsonPath('timer', null)->assertJsonPath('message', "1.85\u{A0}h measured and pencilled in your week. Ink it there.")->assertJsonPath('toInk', '2026-W25');

        self::assertSame(['2026-06-17 540–630 bolts', '2026-06-17 660–681 bolts'], self::stretches());
        // It counts for nothing until it is inked, and stands in its cell with where it comes from.
        $this->assertDatabaseEmpty('entries');
        $week = $this->given('/week/2026-W25');
        self::assertSame([111, 'timer', 'timer: 09:00–10:30, 11:00–11:21'], array_values(array_intersect_key($this->proposal($week->value('sheet.proposals')), array_flip(['minutes', 'source', 'why']))));
    }

    public function test_another_one_stops_the_first_and_the_same_once_more_is_the_same(): void
    {
        $this->start('FIT');
        $this->at('2026-06-17 07:10:00');
        $this->start('FIT')->assertJsonPath('timer.seconds', 600);
        $this->start('CLEAN')->assertJsonPath('timer.taskName', 'Clean the lens')->assertJsonPath('timer.seconds', 0);

        self::assertSame([1, ['2026-06-17 540–550 ']], [Timer::query()->count(), self::stretches()]);
    }

    public function test_two_devices_see_the_same_and_neither_overwrites_the_other(): void
    {
        $seen = $this->start('FIT')->json('timer');
        self::assertIsArray($seen);
        $this->at('2026-06-17 08:00:00');
        $this->act('pause');
        $this->putJson('/timer/stop', ['timer' => $seen['id'], 'seen' => $seen['version']])->assertStatus(409)
            ->assertJsonPath('message', 'The timer was changed in another window or on another device. Look at it again, then repeat what you wanted.')->assertJsonPath('timer.isRunning', false);
        $this->act('stop')->assertOk();
        $this->putJson('/timer/stop', ['timer' => $seen['id'], 'seen' => $seen['version']])->assertStatus(409)->assertJsonPath('message', 'This timer has been stopped in the meantime.')->assertJsonPath('timer', null);

        self::assertCount(1, self::stretches());
    }

    public function test_an_act_that_waited_for_a_connection_counts_from_when_it_was_meant(): void
    {
        $this->start('FIT', ['ago' => 600])->assertJsonPath('timer.seconds', 600);
        $this->at('2026-06-17 12:00:00');
        $this->act('stop', ['ago' => 3 * 3600])->assertOk();
        self::assertSame(['2026-06-17 530–660 '], self::stretches());

        // Never before it began, and not after a week.
        $this->start('FIT');
        $this->act('stop', ['ago' => 3600])->assertJsonPath('message', 'The timer ran for less than half a minute, so nothing was kept.');
        $this->start('FIT', ['ago' => 700_000])->assertUnprocessable()->assertJsonPath('message', 'This was meant too long ago to count. Enter the time in your week instead.');
    }

    public function test_a_run_through_midnight_is_two_days_where_the_person_is(): void
    {
        $this->at('2026-06-17 20:30:00');
        $this->start('FIT');
        $this->at('2026-06-17 23:00:00');
        $this->act('stop');

        self::assertSame(['2026-06-17 1350–1440 ', '2026-06-18 0–60 '], self::stretches());
    }

    public function test_it_is_rounded_as_the_organisation_says(): void
    {
        Organisation::query()->update(['timer_rounding' => Rounding::Up, 'entry_step' => 15]);
        $this->start('FIT');
        $this->at('2026-06-17 07:31:00');
        $this->act('stop')->assertJsonPath('message', "0.75\u{A0}h measured and pencilled in your week. Ink it there.");
    }

    public function test_one_forgotten_over_night_asks_what_was_meant(): void
    {
        $this->at('2026-06-17 14:00:00');
        $this->start('FIT');
        $this->getJson('/timer')->assertJsonPath('timer.seemsForgotten', false)->assertJsonPath('suggestion', null);
        $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $this->task('CLEAN')->id, 'role' => null, 'date' => '2026-06-17', 'hours' => '5', 'seen' => null]]])->assertOk();
        $this->at('2026-06-18 06:00:00');
        // Eight hours are expected, five were entered: three more after 16:00.
        $this->getJson('/timer')->assertJsonPath('timer.seemsForgotten', true)->assertJsonPath('suggestion', '2026-06-17T19:00');
        $this->act('stop', ['at' => '2026-06-17T17:30'])->assertOk();

        self::assertSame(['2026-06-17 960–1050 '], self::stretches());
    }

    public function test_a_stop_in_the_future_is_now(): void
    {
        $this->start('FIT');
        $this->at('2026-06-17 08:00:00');
        $this->act('stop', ['at' => '2026-06-19T12:00']);

        self::assertSame(['2026-06-17 540–600 '], self::stretches());
    }

    public function test_it_is_discarded_with_all_that_it_has_measured(): void
    {
        $this->start('FIT');
        $this->at('2026-06-17 09:00:00');
        $this->act('discard', [], 'deleteJson', '/timer')->assertJsonPath('message', 'Timer discarded.')->assertJsonPath('toInk', null);

        self::assertSame([], self::stretches());
        $this->assertDatabaseEmpty('timer_runs');
    }

    public function test_nothing_starts_where_nothing_can_be_recorded(): void
    {
        $this->start('SCRAP')->assertStatus(409)->assertJsonPath('isRefused', true)->assertJsonPath('timer', null);
        $this->postJson('/timer', ['task' => 999])->assertStatus(409)->assertJsonPath('message', 'This task no longer exists. Reload the week.');
        $this->postJson('/timer', ['task' => $this->task('FIT')->id, 'role' => 999])->assertStatus(409);
        $this->postJson('/timer', ['task' => 'lens'])->assertUnprocessable();
        $this->putJson('/timer/pause', ['timer' => 1])->assertUnprocessable();
        $this->actingAs($this->person('vic'))->postJson('/timer', ['task' => $this->task('FIT')->id])->assertForbidden();
    }

    public function test_typing_over_the_pencil_inks_it_with_its_times_and_clearing_pencils_it_again(): void
    {
        $this->start('FIT');
        $this->at('2026-06-17 09:00:00');
        $this->act('stop');
        $this->save('1.5', null);
        // What was typed is what counts: the time by the clock is shown as long.
        self::assertSame([[540, 630, true]], $this->shown());
        self::assertNull($this->given('/week/2026-W25')->value('signedIn.toInk'));
        $this->save('3', 1);
        self::assertSame([[540, 660, true]], $this->shown());
        $this->save('', 2);
        self::assertSame([[540, 660, false]], $this->shown());
    }

    public function test_what_was_noted_while_it_ran_is_the_note_of_what_is_inked(): void
    {
        $this->start('FIT', ['note' => 'bolts']);
        $this->at('2026-06-17 09:00:00');
        $this->act('stop');
        $this->save('2', null);

        self::assertSame('bolts', $this->entry('ada', 'FIT', '2026-06-17')?->note);
    }

    public function test_every_page_is_given_the_timer(): void
    {
        $this->start('FIT', ['note' => 'bolts']);
        $this->at('2026-06-17 07:05:00');
        $page = $this->given('/leave');

        self::assertSame(['Lens refit', 300, 'bolts'], [$page->value('signedIn.timer.projectName'), $page->value('signedIn.timer.seconds'), $page->value('signedIn.timer.note')]);
        self::assertNull($this->actingAs($this->person('mo'))->given('/leave')->value('signedIn.timer'));
    }

    private function at(string $instant): void
    {
        $this->travelTo($instant);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function start(string $task, array $more = []): TestResponse
    {
        return $this->postJson('/timer', ['task' => $this->task($task)->id, 'role' => null, ...$more]);
    }

    /**
     * An act on the timer as it is.
     *
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function act(string $act, array $more = [], string $method = 'putJson', ?string $address = null): TestResponse
    {
        $timer = Timer::query()->sole();

        return $this->json($method === 'deleteJson' ? 'DELETE' : 'PUT', $address ?? '/timer/'.$act, ['timer' => $timer->id, 'seen' => $timer->version, ...$more]);
    }

    private function save(string $hours, ?int $seen): void
    {
        $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-17', 'hours' => $hours, 'seen' => $seen]]])
            ->assertOk()->assertJsonPath('cells.0.outcome', 'saved');
    }

    /** @return list<array{mixed, mixed, mixed}> start, end and whether it is inked, as the week shows them */
    private function shown(): array
    {
        $stretches = $this->given('/week/2026-W25')->value('sheet.stretches');
        self::assertIsIterable($stretches);
        $shown = [];
        foreach ($stretches as $one) {
            self::assertIsArray($one);
            $shown[] = [$one['starts'], $one['ends'], $one['isInked']];
        }

        return $shown;
    }

    /** @return array<array-key, mixed> the one of the timer */
    private function proposal(mixed $proposals): array
    {
        self::assertIsIterable($proposals);
        foreach ($proposals as $proposal) {
            if (is_array($proposal) && $proposal['source'] === 'timer') {
                return $proposal;
            }
        }
        self::fail('no proposal');
    }

    /** @return list<string> */
    private static function stretches(): array
    {
        return array_values(Stretch::query()->where('is_inked', false)->orderBy('date')->orderBy('starts_at')->get()
            ->map(static fn (Stretch $one): string => $one->date->toString().' '.$one->starts_at.'–'.$one->ends_at.' '.$one->note)->all());
    }
}
