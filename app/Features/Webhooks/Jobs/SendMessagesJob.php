<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Jobs;

use App\Features\Webhooks\Actions\SendDueMessages;
use App\Models\Webhook;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends one other system what is due. Only one at a time, so that what is in order stays so. */
final class SendMessagesJob implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 120;

    public int $uniqueFor = 130;

    public function __construct(public readonly int $webhook)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->webhook;
    }

    public function handle(SendDueMessages $send): void
    {
        $webhook = Webhook::query()->where('is_paused', false)->find($this->webhook);
        if ($webhook !== null) {
            $send->handle($webhook);
        }
    }
}
