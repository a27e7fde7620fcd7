<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** An email address. */
final readonly class EmailFormat implements Format
{
    public function read(string $text): string
    {
        $valid = strlen($text) <= 254 && filter_var($text, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) !== false;

        return $valid ? $text : throw Unreadable::expected('email');
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
