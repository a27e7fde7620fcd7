<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** A time of day, such as `6:30`, held as minutes after midnight. */
final readonly class TimeOfDayFormat implements Format
{
    public function read(string $text): int
    {
        if (preg_match('/^([01]?\d|2[0-3]):([0-5]\d)$/D', $text, $found) !== 1) {
            throw Unreadable::expected('time_of_day');
        }

        return (int) $found[1] * 60 + (int) $found[2];
    }

    public function print(string|int $value): string
    {
        return sprintf('%d:%02d', intdiv((int) $value, 60), (int) $value % 60);
    }
}
