<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** `yes` or `no`, held as 1 or 0. */
final readonly class YesNoFormat implements Format
{
    public function read(string $text): int
    {
        return match ($text) {
            'yes' => 1,
            'no' => 0,
            default => throw Unreadable::expected('yes_no'),
        };
    }

    public function print(string|int $value): string
    {
        return (int) $value === 1 ? 'yes' : 'no';
    }
}
