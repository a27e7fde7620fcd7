<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

use App\Models\WebhookTopic;

/** All webhooks. */
final readonly class WebhooksProps
{
    /**
     * @param  list<WebhookRowProps>  $rows
     * @param  list<WebhookTopic>  $topics  of which there are messages
     */
    public function __construct(public array $rows, public array $topics)
    {
    }
}
