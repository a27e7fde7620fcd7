<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\Models\Webhook;
use App\Models\WebhookAttempt;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Support\Clock\Today;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;

/**
 * Sends what is due to one other system: of each subject the first that waits, and the next only once that was received or given up.
 * One that does not answer is left alone for a while, so that it does not keep the queue from its other work.
 */
final readonly class SendDueMessages
{
    private const SECONDS = 10;

    /** So many messages in a row that were answered and not taken end the attempt. */
    private const REFUSALS = 3;

    private const LONGEST_REST = 600;

    private const AT_ONCE = 50;

    public function __construct(private SendMessage $send, private Today $today)
    {
    }

    /** @return int how many were received */
    public function handle(Webhook $webhook): int
    {
        if ($webhook->rests_until !== null && $webhook->rests_until > $this->now()) {
            return 0;
        }
        $until = microtime(true) + self::SECONDS;
        [$received, $refused] = [0, 0];
        while ($messages = $this->due($webhook)) {
            foreach ($messages as $message) {
                $attempt = $this->send->handle($webhook, $message);
                $received += $attempt->isReceived() ? 1 : 0;
                $refused = $attempt->isReceived() ? 0 : $refused + 1;
                $this->note($webhook, $attempt);
                if ($attempt->isAway() || $refused === self::REFUSALS || microtime(true) > $until) {
                    return $received;
                }
            }
        }

        return $received;
    }

    /** How it fares: whether it is to be left alone. */
    private function note(Webhook $webhook, WebhookAttempt $attempt): void
    {
        $failures = $attempt->isAway() ? min($webhook->failures + 1, 1000) : 0;
        $rest = min(self::LONGEST_REST, 5 << min($failures, 20));
        $restsUntil = $failures === 0 ? null : $this->today->instant()->modify("+$rest seconds")->format('Y-m-d\TH:i:s\Z');
        if ($webhook->failures !== $failures || $webhook->rests_until !== $restsUntil) {
            DB::transaction(static fn (): bool => $webhook->update(['failures' => $failures, 'rests_until' => $restsUntil]));
        }
    }

    /** @return list<WebhookMessage> */
    private function due(Webhook $webhook): array
    {
        $firsts = WebhookMessage::query()->toBase()->select(Sql::min('id'))->where('webhook_id', $webhook->id)->where('state', WebhookState::Waiting->value)->groupBy('subject');

        return array_values(WebhookMessage::query()->whereIn('id', $firsts)->where('due_at', '<=', $this->now())->orderBy('id')->limit(self::AT_ONCE)->get()->all());
    }

    private function now(): string
    {
        return $this->today->instant()->format('Y-m-d\TH:i:s\Z');
    }
}
