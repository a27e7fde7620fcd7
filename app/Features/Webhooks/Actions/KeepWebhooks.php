<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\AuditTrailRow;
use App\Models\Person;
use App\Models\Webhook;
use App\Models\WebhookMessage;
use App\Models\WebhookTopic;
use App\Support\Clock\Today;
use App\Support\Network\PublicAddress;
use Illuminate\Support\Facades\DB;

/** Adds, changes, pauses and removes webhooks. A new one is told of what happens from then on. */
final readonly class KeepWebhooks
{
    public function __construct(private AuditTrail $auditTrail, private PublicAddress $addresses, private Today $today)
    {
    }

    /**
     * @param  non-empty-list<WebhookTopic>  $topics
     * @return array{Webhook, string} with its secret, which cannot be seen again
     *
     * @throws WebhookRefused
     */
    public function add(Person $office, string $name, string $address, array $topics): array
    {
        $this->mustBeOutside($address);
        $secret = self::newSecret();

        return DB::transaction(function () use ($office, $name, $address, $topics, $secret): array {
            self::mustBeNew($name, null);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Webhook, $name, 'add', $office, null, self::values($address, $topics))]);
            $webhook = Webhook::query()->create([
                'name' => $name, 'address' => $address, 'topics' => self::names($topics), 'secret' => $secret, 'is_paused' => false,
                'position' => self::lastLine(), 'created_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z'),
            ]);

            return [$webhook, $secret];
        });
    }

    /**
     * @param  non-empty-list<WebhookTopic>  $topics
     *
     * @throws WebhookRefused
     */
    public function change(Person $office, Webhook $webhook, string $name, string $address, array $topics, bool $isPaused): void
    {
        $this->mustBeOutside($address);
        DB::transaction(function () use ($office, $webhook, $name, $address, $topics, $isPaused): void {
            self::mustBeNew($name, $webhook);
            $before = self::values($webhook->address, $webhook->topics) + ['paused' => $webhook->is_paused ? 'yes' : 'no'];
            $after = self::values($address, $topics) + ['paused' => $isPaused ? 'yes' : 'no'];
            if ($before !== $after || $name !== $webhook->name) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Webhook, $name, 'change', $office, $before, $after)]);
                $webhook->update(['name' => $name, 'address' => $address, 'topics' => self::names($topics), 'is_paused' => $isPaused]);
            }
        });
    }

    /** @return string the new secret, which cannot be seen again; what is sent from now on is signed with it */
    public function renewSecret(Person $office, Webhook $webhook): string
    {
        return DB::transaction(function () use ($office, $webhook): string {
            $secret = self::newSecret();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Webhook, $webhook->name, 'renew secret', $office, null, null)]);
            $webhook->update(['secret' => $secret]);

            return $secret;
        });
    }

    public function remove(Person $office, Webhook $webhook): void
    {
        DB::transaction(function () use ($office, $webhook): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Webhook, $webhook->name, 'remove', $office, self::values($webhook->address, $webhook->topics), null)]);
            $webhook->delete();
        });
    }

    /** A message without events, to see whether it arrives. */
    public function test(Webhook $webhook): WebhookMessage
    {
        return DB::transaction(function () use ($webhook): WebhookMessage {
            $webhook->update(['failures' => 0, 'rests_until' => null]);

            return WebhookMessage::query()->create(MakeMessages::row($webhook, 'test', 0, ['webhook' => $webhook->name, 'subject' => 'test', 'events' => []], $this->today));
        });
    }

    /** @throws WebhookRefused */
    private function mustBeOutside(string $address): void
    {
        if ($this->addresses->of($address) === null) {
            throw WebhookRefused::address();
        }
    }

    /** @throws WebhookRefused */
    private static function mustBeNew(string $name, ?Webhook $self): void
    {
        if (Webhook::query()->where('name', $name)->whereKeyNot($self->id ?? 0)->exists()) {
            throw WebhookRefused::name();
        }
    }

    private static function newSecret(): string
    {
        return bin2hex(random_bytes(32));
    }

    private static function lastLine(): int
    {
        $last = AuditTrailRow::query()->max('id');

        return is_numeric($last) ? (int) $last : 0;
    }

    /**
     * @param  list<WebhookTopic>  $topics
     * @return list<string>
     */
    private static function names(array $topics): array
    {
        return array_map(static fn (WebhookTopic $topic): string => $topic->value, $topics);
    }

    /**
     * @param  list<WebhookTopic|string>  $topics
     * @return array<string, string>
     */
    private static function values(string $address, array $topics): array
    {
        return ['address' => $address, 'topics' => implode(', ', array_map(static fn (WebhookTopic|string $topic): string => $topic instanceof WebhookTopic ? $topic->value : $topic, $topics))];
    }
}
