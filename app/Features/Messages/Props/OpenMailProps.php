<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** A mail as it would arrive. Its HTML is shown from an address of its own. */
final readonly class OpenMailProps
{
    /** @param  list<AttachmentProps>  $attachments */
    public function __construct(public int $id, public string $at, public string $sender, public string $recipient, public string $subject, public string $text, public array $attachments)
    {
    }
}
