<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

use App\Models\WebhookState;
use App\Models\WebhookTopic;

/** One webhook with its messages, the newest first. */
final readonly class WebhookProps
{
    /**
     * @param  list<WebhookTopic>  $topics  of which there are messages
     * @param  string|null  $newSecret  with what messages are signed, shown once
     * @param  WebhookState|null  $state  of the messages shown; null for all
     * @param  list<WebhookMessageRowProps>  $messages
     * @param  int<1, max>  $page
     */
    public function __construct(public WebhookRowProps $webhook, public array $topics, public ?string $newSecret, public ?WebhookState $state, public array $messages, public int $found, public int $page, public int $pages)
    {
    }
}
