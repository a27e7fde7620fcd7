<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

/** A mail in the list of the outbox. */
final readonly class MailRow
{
    public function __construct(
        public int $id,
        public string $at,
        public string $recipient,
        public string $subject,
    ) {
    }
}
