<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** A whole number between two bounds, both included. */
final readonly class WholeNumberFormat implements Format
{
    public function __construct(private int $least, private int $most)
    {
    }

    public function read(string $text): int
    {
        if (preg_match('/^-?\d{1,11}$/D', $text) !== 1 || (int) $text < $this->least || (int) $text > $this->most) {
            throw Unreadable::expected('number', ['least' => $this->least, 'most' => $this->most]);
        }

        return (int) $text;
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
