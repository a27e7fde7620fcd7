<?php

declare(strict_types=1);

namespace Tests\App\Operations;

use App\Models\Heartbeat;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Whether the application is well, for whoever watches over it and for the office. */
final class HealthTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        config(['queue.default' => 'database', 'operations.least_free_megabytes' => 1]);
    }

    public function test_all_is_well_while_scheduler_and_queue_are_seen(): void
    {
        $this->beat();
        $this->get('/up')->assertOk()->assertExactJson(['state' => 'well', 'checks' => ['database' => 'well', 'queue' => 'well', 'scheduler' => 'well', 'disk' => 'well', 'backup' => 'none']]);
    }

    public function test_a_scheduler_or_queue_that_has_not_been_seen_is_not_well(): void
    {
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.scheduler', 'failing')->assertJsonPath('checks.queue', 'failing');
        $this->beat();
        $this->travel(6)->minutes();
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.scheduler', 'failing')->assertJsonPath('checks.queue', 'well');
        $this->travel(5)->minutes();
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.queue', 'failing');
    }

    public function test_where_backups_are_set_up_an_old_one_is_not_well(): void
    {
        $this->beat();
        config(['operations.backup_folder' => $this->folder()]);
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.backup', 'failing');
        Heartbeat::query()->create(['name' => 'backup', 'at' => now('UTC')->subHours(25)->format('Y-m-d\TH:i:s\Z')]);
        $this->get('/up')->assertOk()->assertJsonPath('checks.backup', 'well');
    }

    public function test_a_full_disk_and_a_database_that_does_not_answer_are_not_well(): void
    {
        $this->beat();
        config(['operations.least_free_megabytes' => PHP_INT_MAX >> 21]);
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.disk', 'failing');

        DB::statement('DROP TABLE heartbeats');
        $this->get('/up')->assertStatus(503)->assertJsonPath('checks.database', 'failing')->assertDontSee('heartbeats');
    }

    public function test_it_is_answered_without_a_session_and_is_not_kept(): void
    {
        $answer = $this->get('/up');
        self::assertSame([[], 'no-store, private'], [$answer->headers->getCookies(), $answer->headers->get('Cache-Control')]);
    }

    public function test_a_worker_says_once_a_minute_that_it_is_at_work(): void
    {
        $this->freezeSecond();
        $this->beat();
        $at = static fn (): mixed => Heartbeat::query()->whereKey('queue')->value('at');
        $first = $at();
        $this->travel(59)->seconds();
        Event::dispatch(new Looping('database', 'default'));
        self::assertSame($first, $at());
        $this->travel(1)->seconds();
        Event::dispatch(new Looping('database', 'default'));
        self::assertNotSame($first, $at());
    }

    public function test_the_command_line_says_the_same(): void
    {
        self::assertSame(1, Artisan::call('moss:health'));
        self::assertStringContainsString('scheduler: failing', Artisan::output());
        self::assertSame(0, Artisan::call('moss:health', ['--without' => ['scheduler', 'queue']]));
        self::assertSame(1, Artisan::call('moss:heartbeat', ['of' => 'moon']));
    }

    public function test_the_office_sees_what_has_stopped(): void
    {
        $this->beat();
        $this->travel(20)->minutes();
        $given = $this->actingAs($this->person('kit'))->given('/office');

        self::assertSame(['queue', 'scheduler'], self::each($given->value('needs.failing'), 'check'));
        self::assertSame(now('UTC')->subMinutes(20)->format('Y-m-d\TH:i:s\Z'), $given->text('needs.failing.0.lastSeen'));
    }

    public function test_the_office_has_failed_jobs_tried_again(): void
    {
        DB::table('failed_jobs')->insert(['uuid' => 'one', 'connection' => 'database', 'queue' => 'default', 'payload' => json_encode(['uuid' => 'one', 'job' => 'x', 'attempts' => 3], JSON_THROW_ON_ERROR), 'exception' => 'the mail server was away']);

        $this->actingAs($this->person('kit'))->post('/office/failed-jobs/retries')->assertRedirect('/office')->assertSessionHas('message', __('operations.jobs_retried'));
        self::assertSame([0, 1], [DB::table('failed_jobs')->count(), DB::table('jobs')->count()]);
    }

    private function beat(): void
    {
        Artisan::call('moss:heartbeat');
        Event::dispatch(new Looping('database', 'default'));
    }
}
