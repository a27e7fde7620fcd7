<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

/** A day, `YYYY-MM-DD`. */
final readonly class DayFormat implements Format
{
    public function read(string $text): string
    {
        try {
            return Day::of($text)->toString();
        } catch (NotADay) {
            throw Unreadable::expected('day');
        }
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
