<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

/** One message with what was sent and answered. */
final readonly class WebhookMessageProps
{
    /**
     * @param  string  $body  JSON, indented
     * @param  list<WebhookAttemptProps>  $attempts  the newest first
     */
    public function __construct(public int $webhookId, public string $webhookName, public string $address, public WebhookMessageRowProps $message, public string $body, public array $attempts)
    {
    }
}
