<?php

declare(strict_types=1);

namespace App\Features\Messages\Mail;

/** One thing that a mail says, with the way to it. */
final readonly class DigestLine
{
    /** @param  string  $subject  the same in a few words */
    public function __construct(public string $subject, public string $text, public string $address, public bool $isDayReminder)
    {
    }
}
