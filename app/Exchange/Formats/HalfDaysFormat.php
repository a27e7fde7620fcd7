<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** Days in halves, such as `2.5`, held as the number of half days. */
final readonly class HalfDaysFormat implements Format
{
    private const MOST = 366;

    public function read(string $text): int
    {
        if (preg_match('/^(\d{1,3})(?:\.([05]))?$/D', $text, $found) !== 1 || (int) $found[1] > self::MOST) {
            throw Unreadable::expected('half_days');
        }

        return 2 * (int) $found[1] + (($found[2] ?? '0') === '5' ? 1 : 0);
    }

    public function print(string|int $value): string
    {
        return intdiv((int) $value, 2).((int) $value % 2 === 1 ? '.5' : '');
    }
}
