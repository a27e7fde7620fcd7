<?php

declare(strict_types=1);

namespace App\Features\Messages\Mail;

/** One thing that a mail says, with the way to it. */
final readonly class DigestLine
{
    public function __construct(public string $words, public string $address, public bool $isNudge)
    {
    }
}
