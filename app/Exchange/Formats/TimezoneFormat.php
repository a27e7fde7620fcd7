<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use DateTimeZone;

/** A time zone by its name in the IANA database. */
final readonly class TimezoneFormat implements Format
{
    public function read(string $text): string
    {
        return in_array($text, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $text : throw Unreadable::expected('timezone');
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
