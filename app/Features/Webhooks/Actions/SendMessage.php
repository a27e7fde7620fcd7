<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\Models\Webhook;
use App\Models\WebhookAttempt;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Support\Clock\Today;
use App\Support\Network\OutsideHttp;
use App\Support\Network\OutsideUnreachable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Sends one message once and stores what was answered. Sent again after a crash, it has the same number and the same events. */
final readonly class SendMessage
{
    /** As much of an answer is kept, in characters. */
    private const KEPT = 2000;

    public function __construct(private OutsideHttp $http, private Today $today)
    {
    }

    public function handle(Webhook $webhook, WebhookMessage $message): WebhookAttempt
    {
        $start = $this->today->instant();
        $signature = MessageSignature::of($message->body, $start->getTimestamp(), $webhook->secret);
        $attempt = new WebhookAttempt(['webhook_message_id' => $message->id, 'at' => self::text($start), 'signature' => $signature, 'status' => null, 'failure' => '', 'answer' => '', 'milliseconds' => 0]);
        $began = hrtime(true);
        try {
            $answer = $this->http->ask('POST', $webhook->address, [
                'Content-Type' => 'application/json', 'User-Agent' => 'Moss-Week', 'Moss-Message' => (string) $message->id, MessageSignature::HEADER => $signature,
            ], $message->body, 65_536);
            $attempt->fill(['status' => $answer->status, 'answer' => mb_substr(mb_scrub($answer->body, 'UTF-8'), 0, self::KEPT)]);
        } catch (OutsideUnreachable $unreachable) {
            $attempt->failure = $unreachable->key;
        }
        $attempt->milliseconds = intdiv((int) (hrtime(true) - $began), 1_000_000);
        $message->fill($attempt->isReceived()
            ? ['state' => WebhookState::Delivered, 'attempts' => $message->attempts + 1, 'delivered_at' => self::text($this->today->instant())]
            : $this->later($message, $start));
        DB::transaction(static function () use ($attempt, $message): void {
            $attempt->save();
            $message->save();
        });

        return $attempt;
    }

    /** @return array<string, string|int|WebhookState> */
    private function later(WebhookMessage $message, DateTimeImmutable $start): array
    {
        $first = $message->first_tried_at === null ? $start : new DateTimeImmutable($message->first_tried_at);
        $pause = RetryPauses::after($message->attempts + 1, $start->getTimestamp() - $first->getTimestamp());

        return [
            'attempts' => $message->attempts + 1,
            'first_tried_at' => self::text($first),
            'due_at' => self::text($start->modify('+'.($pause ?? 0).' seconds')),
            'state' => $pause === null ? WebhookState::GivenUp : WebhookState::Waiting,
        ];
    }

    private static function text(DateTimeImmutable $at): string
    {
        return $at->format('Y-m-d\TH:i:s\Z');
    }
}
