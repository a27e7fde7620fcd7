<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

use App\Models\WebhookTopic;

/** A webhook and how it fares. */
final readonly class WebhookRowProps
{
    /**
     * @param  list<WebhookTopic>  $topics
     * @param  int  $waiting  messages that have not been received yet
     * @param  string|null  $waitingSince  UTC instant from which on the oldest of them waits
     * @param  int  $givenUp  messages that were not received for a day
     * @param  string|null  $deliveredAt  UTC instant at which the last message was received
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $address,
        public array $topics,
        public bool $isPaused,
        public int $waiting,
        public ?string $waitingSince,
        public int $givenUp,
        public ?string $deliveredAt,
    ) {
    }
}
