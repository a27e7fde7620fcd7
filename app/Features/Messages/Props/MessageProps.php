<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** Something that the reader was told. */
final readonly class MessageProps
{
    /** @param  string  $at  the instant in UTC */
    public function __construct(public int $id, public string $at, public string $text, public string $link, public bool $isNew)
    {
    }
}
