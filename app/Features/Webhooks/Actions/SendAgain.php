<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\Features\Webhooks\Jobs\SendMessagesJob;
use App\Models\Webhook;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Has a message sent once more, whatever became of it: one that waits at once, one that was given up for another day. */
final readonly class SendAgain
{
    public function __construct(private Today $today)
    {
    }

    public function handle(WebhookMessage $message): void
    {
        DB::transaction(function () use ($message): void {
            // Whoever sends it again knows that the other system is back.
            Webhook::query()->whereKey($message->webhook_id)->update(['failures' => 0, 'rests_until' => null]);
            $message->update(['state' => WebhookState::Waiting, 'due_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z'), 'first_tried_at' => null, 'delivered_at' => null, 'attempts' => 0]);
        });
        SendMessagesJob::dispatch($message->webhook_id);
    }
}
