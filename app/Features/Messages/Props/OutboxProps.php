<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** The outbox. */
final readonly class OutboxProps
{
    /**
     * @param  list<MailProps>  $mails  the newest first
     * @param  int|null  $before  the mail from which older ones follow; null at the end
     * @param  bool  $isOfAll  whether the reader sees everybody's
     */
    public function __construct(public array $mails, public ?int $before, public ?OpenMailProps $open, public bool $isOfAll, public string $search)
    {
    }
}
