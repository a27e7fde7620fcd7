<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Webhooks\Actions\KeepWebhooks;
use App\Models\Person;
use App\Models\Tracker;
use App\Models\WebhookTopic;

/** Other systems that the demonstration is connected with, where those are simulated. */
final readonly class ConnectedSystems
{
    public function __construct(private KeepWebhooks $webhooks)
    {
    }

    public function handle(): void
    {
        $receiver = config()->string('moss.simulated_receiver');
        if ($receiver !== '') {
            $office = Person::query()->where('code', 'tobin.vale')->sole();
            [$webhook] = $this->webhooks->add($office, 'Harbour board', $receiver.'/events', [WebhookTopic::Time, WebhookTopic::Plans, WebhookTopic::Leave]);
            // The receiver knows this one.
            $webhook->update(['secret' => config()->string('single_sign_on.client_secret')]);
        }
        $tracker = config()->string('moss.simulated_tracker');
        if ($tracker !== '') {
            // It is not running yet, so it is not asked whether it answers.
            Tracker::query()->create(['name' => 'Workshop board', 'address' => $tracker, 'token' => config()->string('single_sign_on.client_secret')]);
        }
    }
}
