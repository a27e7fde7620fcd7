<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** A mail in the outbox, without its contents. */
final readonly class MailProps
{
    public function __construct(public int $id, public string $at, public string $recipient, public string $subject)
    {
    }
}
