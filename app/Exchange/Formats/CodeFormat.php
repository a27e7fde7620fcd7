<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** A code: 1 to 32 letters, digits, `.`, `_` or `-`. */
final readonly class CodeFormat implements Format
{
    public function read(string $text): string
    {
        return preg_match('/^[A-Za-z0-9._-]{1,32}$/D', $text) === 1 ? $text : throw Unreadable::expected('code');
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
