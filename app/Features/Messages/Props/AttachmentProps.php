<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** A file that goes with a mail. */
final readonly class AttachmentProps
{
    public function __construct(public int $id, public string $name)
    {
    }
}
