<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use App\Support\Files\SpreadsheetText;
use App\Support\PlainText;

/** Several texts in one cell, separated by `|`, held as a JSON list. */
final readonly class ChoicesFormat implements Format
{
    private const LONGEST = 1000;

    public function read(string $text): string
    {
        $plain = SpreadsheetText::plain($text);
        $choices = array_map(trim(...), explode('|', $plain));
        if (mb_strlen($plain) > self::LONGEST || in_array('', $choices, true) || preg_match('/[\x00-\x1F]/', $plain) === 1 || ! PlainText::isClean($plain)) {
            throw Unreadable::expected('choices');
        }

        return json_encode($choices, JSON_THROW_ON_ERROR);
    }

    public function print(string|int $value): string
    {
        $choices = json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR);

        return SpreadsheetText::guarded(implode('|', array_filter(is_array($choices) ? $choices : [], is_string(...))));
    }
}
