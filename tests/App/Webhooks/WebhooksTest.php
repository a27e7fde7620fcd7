<?php

declare(strict_types=1);

namespace Tests\App\Webhooks;

use App\Features\Webhooks\Actions\MessageSignature;
use App\Features\Webhooks\Actions\RetryPauses;
use App\Models\AuditTrailRow;
use App\Models\Role;
use App\Models\Webhook;
use App\Models\WebhookAttempt;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Support\Network\OutsideHttp;
use App\Support\Network\PublicAddress;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Simulated\Receiver\Receiver;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Another system is told of what ada and others do. Kit keeps the office. */
final class WebhooksTest extends TestCase
{
    private const ADDRESS = 'https://board.example/events';

    private ReceiverHttp $network;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        config(['queue.default' => 'sync']);
        $this->app->instance(PublicAddress::class, new PublicAddress(['board.example:443']));
        $this->network = new ReceiverHttp(new Receiver('', $this->folder()));
        $this->app->instance(OutsideHttp::class, $this->network);
    }

    public function test_what_happens_arrives_once_signed_and_in_order(): void
    {
        $this->record('2026-06-16', '7:30');
        $this->add(['time']);
        $this->record('2026-06-17', '8');
        $this->record('2026-06-17', '6');
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission');
        Artisan::call('moss:webhooks');

        $events = $this->network->receiver->events();
        // What was recorded before it was added is not told.
        self::assertSame(['entry.ink', 'entry.change'], array_slice(array_column($events, 'type'), 0, 2));
        self::assertContains('entry.submit', array_column($events, 'type'));
        self::assertSame(['person/ada', 'ada', 'ada', 'LENS', 'FIT', '2026-06-17'], [$events[0]['subject'], $events[0]['actor'], $events[0]['person'], $events[0]['project'], $events[0]['task'], $events[0]['date']]);
        self::assertSame([480, 360], [data_get($events, '0.after.minutes'), data_get($events, '1.after.minutes')]);
        self::assertSame('surveyor', data_get($events, '0.after.role'));
        $ids = array_column($events, 'id');
        $sorted = $ids;
        sort($sorted);
        self::assertSame($sorted, $ids);
        self::assertCount(count($ids), array_count_values(array_filter($ids, is_int(...))));

        // Nothing new is nothing to tell; a lost answer makes nothing double.
        Artisan::call('moss:webhooks');
        self::assertCount(count($ids), $this->network->receiver->events());
        $this->network->losesAnswers = true;
        $this->record('2026-06-15', '5');
        Artisan::call('moss:webhooks');
        $this->network->losesAnswers = false;
        $this->travel(20)->seconds();
        Artisan::call('moss:webhooks');
        self::assertCount(count($ids) + 1, $this->network->receiver->events());
        self::assertSame(0, WebhookMessage::query()->where('state', WebhookState::Waiting)->count());
    }

    public function test_the_receiver_believes_only_what_is_signed_and_new(): void
    {
        $this->add(['time']);
        $body = '{"subject":"person/ada","events":[{"id":1,"type":"entry.ink"}]}';
        $secret = Webhook::query()->sole()->secret;
        foreach ([['t=1,sha256='.str_repeat('0', 64), 401], [MessageSignature::of($body, 1_000, $secret), 401], [MessageSignature::of($body.' ', 10_000, $secret), 401], [MessageSignature::of($body, 10_000, 'x'), 401], [MessageSignature::of($body, 9_900, $secret), 200]] as [$signature, $status]) {
            self::assertSame($status, $this->network->receiver->answer('POST', '/events', $body, $signature, 10_000)->status);
        }
        // RFC 4231, test case 2, with a time before it.
        self::assertSame('5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843', hash_hmac('sha256', 'what do ya want for nothing?', 'Jefe'));
        self::assertSame('t=7,sha256='.hash_hmac('sha256', '7.{}', 'Jefe'), MessageSignature::of('{}', 7, 'Jefe'));
        self::assertNotSame($secret, DB::table('webhooks')->value('secret'));
    }

    public function test_what_is_not_received_is_tried_again_with_growing_pauses_for_a_day_in_order(): void
    {
        $this->add(['time', 'remaining']);
        $this->network->isThere = false;
        $this->record('2026-06-17', '8');
        Artisan::call('moss:webhooks');
        $this->record('2026-06-17', '7');
        $this->recordFor('bo', '2026-06-17', '1');
        $asked = now();
        $times = [];
        for ($minute = 0; $minute < 26 * 60; $minute++) {
            $this->travelTo($asked->addMinute());
            $before = WebhookAttempt::query()->count();
            Artisan::call('moss:webhooks');
            if (WebhookAttempt::query()->count() > $before) {
                $times[] = $minute;
            }
            $states = WebhookMessage::query()->where('subject', 'person/ada')->orderBy('id')->get();
            // The second waits for the first.
            self::assertTrue($states[1]?->attempts === 0 || $states[0]?->state === WebhookState::GivenUp);
            if ($states[0]?->state === WebhookState::GivenUp) {
                break;
            }
        }
        self::assertGreaterThan(10, count($times));
        self::assertEqualsWithDelta(24 * 60, $minute, 130);
        self::assertSame([15, 30, 60, 7200, null], [RetryPauses::after(1, 0), RetryPauses::after(2, 15), RetryPauses::after(3, 45), RetryPauses::after(19, 20_000), RetryPauses::after(20, 80_000)]);

        // It comes back: what waits arrives, and what was given up once somebody sends it again.
        $this->network->isThere = true;
        $this->travelTo($asked->addHours(3));
        Artisan::call('moss:webhooks');
        self::assertSame([420, 60], array_map(static fn (array $event): mixed => data_get($event, 'after.minutes'), $this->network->receiver->events()));
        $this->actingAs($this->person('kit'));
        self::assertSame([1, 0], [$this->given('/office')->int('needs.undelivered'), $this->given('/office/webhooks')->int('webhooks.rows.0.waiting')]);
        $given = WebhookMessage::query()->where('state', WebhookState::GivenUp)->sole();
        $page = $this->given('/office/webhooks/1/messages/'.$given->id);
        self::assertSame('No answer came.', $page->value('shown.attempts.0.failure'));
        $this->post('/office/webhooks/1/messages/'.$given->id.'/again')->assertSessionHas('message', 'The message is sent again.');
        self::assertSame(WebhookState::Delivered, $given->refresh()->state);
        self::assertSame([200, '{"received":1}'], [$this->given('/office/webhooks/1/messages/'.$given->id)->value('shown.attempts.0.status'), $this->given('/office/webhooks/1/messages/'.$given->id)->value('shown.attempts.0.answer')]);
    }

    public function test_saving_a_cell_costs_the_same_with_three_webhooks(): void
    {
        $this->record('2026-06-15', '1');
        $without = $this->queriesOf(fn () => $this->record('2026-06-16', '2'));
        foreach (['a', 'b', 'c'] as $name) {
            $this->add(['time'], $name);
        }
        self::assertSame($without, $this->queriesOf(fn () => $this->record('2026-06-17', '2')));
        Artisan::call('moss:webhooks');
        self::assertSame(3, WebhookMessage::query()->count());
    }

    public function test_only_chosen_topics_are_told_and_never_money(): void
    {
        $this->add(['plans', 'people']);
        $this->record('2026-06-17', '8');
        $this->actingAs($this->person('kit'))->post('/office/directory/teams', ['name' => 'Shore', 'code' => 'shore']);
        DB::transaction(fn (): bool => AuditTrailRow::query()->insert(['at' => '2026-06-17T10:00:00Z', 'act' => 'change', 'subject' => 'task', 'name' => 'LENS/FIT', 'task_id' => $this->task('FIT')->id, 'before' => '{"budget_cents":100,"manager_id":1}', 'after' => '{"budget_cents":200,"manager_id":999}', 'hash' => '']));
        Artisan::call('moss:webhooks');
        $events = $this->network->receiver->events();
        self::assertSame([['team.add', 'team/shore'], ['task.change', 'project/LENS']], array_map(static fn (array $event): array => [$event['type'], $event['subject']], $events));
        self::assertSame([['manager' => 'ada'], ['manager' => null]], [$events[1]['before'], $events[1]['after']]);
    }

    public function test_it_is_paused_and_goes_on_where_it_was(): void
    {
        $this->add(['time']);
        $change = ['name' => 'Board', 'address' => self::ADDRESS, 'topics' => ['time']];
        $this->put('/office/webhooks/1', $change + ['isPaused' => true])->assertSessionHas('message', 'Board is saved.');
        $this->record('2026-06-17', '8');
        Artisan::call('moss:webhooks');
        self::assertSame([], $this->network->sent);
        $this->actingAs($this->person('kit'))->put('/office/webhooks/1', $change);
        Artisan::call('moss:webhooks');
        self::assertCount(1, $this->network->receiver->events());

        $this->post('/office/webhooks/1/secret')->assertSessionHas('secret');
        $this->post('/office/webhooks/1/test')->assertRedirect();
        // The receiver does not know the new secret yet.
        self::assertSame(401, WebhookAttempt::query()->latest('id')->firstOrFail()->status);
        self::assertSame('waiting', $this->given('/office/webhooks/1?state=waiting')->value('shown.messages.0.state'));
        $this->delete('/office/webhooks/1')->assertSessionHas('message', 'Board is removed, with its messages.');
        self::assertSame(0, WebhookAttempt::query()->count());
        self::assertSame(['add', 'change', 'change', 'renew secret', 'remove'], AuditTrailRow::query()->where('subject', 'webhook')->orderBy('id')->pluck('act')->all());
    }

    /** @param  array<string, mixed>  $input */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['name' => 'Board'], 'name'])]
    #[TestWith([['address' => 'board.example'], 'address'])]
    #[TestWith([['address' => 'https://10.0.0.8/events'], 'address'])]
    #[TestWith([['address' => 'http://localhost/events'], 'address'])]
    #[TestWith([['address' => 'https://[::1]/events'], 'address'])]
    #[TestWith([['topics' => []], 'topics'])]
    #[TestWith([['topics' => ['money']], 'topics.0'])]
    public function test_what_cannot_be_told_is_refused(array $input, string $field): void
    {
        $this->add(['time']);
        $this->post('/office/webhooks', $input + ['name' => 'Other', 'address' => self::ADDRESS, 'topics' => ['time']])->assertSessionHasErrors($field);
        self::assertSame(1, Webhook::query()->count());
    }

    public function test_old_messages_are_deleted_and_those_of_others_not_found(): void
    {
        $this->add(['time']);
        $this->record('2026-06-17', '8');
        Artisan::call('moss:webhooks');
        $this->add(['time'], 'Other');
        $id = WebhookMessage::query()->sole()->id;
        $this->get("/office/webhooks/2/messages/$id")->assertNotFound();
        $this->get("/office/webhooks/1/messages/$id")->assertOk();
        Artisan::call('moss:clear-webhook-messages');
        self::assertSame(1, WebhookMessage::query()->count());
        $this->travel(31)->days();
        Artisan::call('moss:clear-webhook-messages');
        self::assertSame(0, WebhookMessage::query()->count());
    }

    /** @param  list<string>  $topics */
    private function add(array $topics, string $name = 'Board'): void
    {
        $this->actingAs($this->person('kit'))->post('/office/webhooks', ['name' => $name, 'address' => self::ADDRESS, 'topics' => $topics])->assertSessionHas('secret');
        $this->network->receiver = new Receiver(Webhook::query()->latest('id')->firstOrFail()->secret, $this->folder());
    }

    private function record(string $day, string $hours): void
    {
        $this->recordFor('ada', $day, $hours, 'FIT', 'surveyor');
    }

    private function recordFor(string $person, string $day, string $hours, string $task = 'TRAIN', ?string $role = null): void
    {
        $entry = $this->entry($person, $task, $day);
        $this->actingAs($this->person($person))->putJson("/people/$person/week/2026-W25/cells", ['cells' => [[
            'task' => $this->task($task)->id, 'role' => $role === null ? null : Role::query()->where('code', $role)->sole()->id, 'date' => $day, 'hours' => $hours, 'seen' => $entry?->version,
        ]]])->assertOk()->assertJsonPath('cells.0.outcome', 'saved');
    }
}
