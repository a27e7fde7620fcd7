<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use App\Support\Files\SpreadsheetText;
use App\Support\PlainText;

/** Words of a person, printed so that a spreadsheet does not take them for a formula. */
final readonly class TextFormat implements Format
{
    public function __construct(private int $longest, private bool $severalLines = false)
    {
    }

    public function read(string $text): string
    {
        $plain = SpreadsheetText::plain($text);
        $forbidden = $this->severalLines ? '/[\x00-\x08\x0B\x0C\x0E-\x1F]/' : '/[\x00-\x08\x0A-\x1F]/';
        if (mb_strlen($plain) > $this->longest || trim($plain) === '' || preg_match($forbidden, $plain) === 1 || ! PlainText::isClean($plain)) {
            throw Unreadable::expected($this->severalLines ? 'text' : 'line', ['longest' => $this->longest]);
        }

        return $plain;
    }

    public function print(string|int $value): string
    {
        return SpreadsheetText::guarded((string) $value);
    }
}
