<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use DateTimeImmutable;
use DateTimeZone;

/** A moment in UTC to the second, such as `2026-07-01T08:30:00Z`. */
final readonly class InstantFormat implements Format
{
    private const FORM = 'Y-m-d\TH:i:s\Z';

    public function read(string $text): string
    {
        $read = DateTimeImmutable::createFromFormat('!'.self::FORM, $text, new DateTimeZone('UTC'));
        if ($read === false || $read->format(self::FORM) !== $text) {
            throw Unreadable::expected('instant');
        }

        return $text;
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
