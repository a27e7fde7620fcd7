<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

use App\Models\WebhookState;

/** A message in a list. */
final readonly class WebhookMessageRowProps
{
    /**
     * @param  string  $subject  what its events are about, as `person/ada`
     * @param  int  $events  how many are in it
     * @param  string  $createdAt  UTC instant
     * @param  string  $dueAt  UTC instant from which on it is tried again
     * @param  string|null  $deliveredAt  UTC instant
     */
    public function __construct(public int $id, public string $subject, public int $events, public WebhookState $state, public int $attempts, public string $createdAt, public string $dueAt, public ?string $deliveredAt)
    {
    }
}
