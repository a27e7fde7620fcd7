<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use App\Support\PlainText;

/**
 * Words of a person. Printed so that a spreadsheet does not take them for a formula: a text that would begin one gets an
 * apostrophe in front, which reading takes off again.
 */
final readonly class TextFormat implements Format
{
    private const FORMULA = "/^'*[=+\\-@\\t\\r]./s";

    public function __construct(private int $longest, private bool $severalLines = false)
    {
    }

    public function read(string $text): string
    {
        $plain = str_starts_with($text, "'") && preg_match(self::FORMULA, $text) === 1 ? substr($text, 1) : $text;
        $forbidden = $this->severalLines ? '/[\x00-\x08\x0B\x0C\x0E-\x1F]/' : '/[\x00-\x08\x0A-\x1F]/';
        if (mb_strlen($plain) > $this->longest || trim($plain) === '' || preg_match($forbidden, $plain) === 1 || ! PlainText::isClean($plain)) {
            throw Unreadable::expected($this->severalLines ? 'text' : 'line', ['longest' => $this->longest]);
        }

        return $plain;
    }

    public function print(string|int $value): string
    {
        return preg_match(self::FORMULA, (string) $value) === 1 ? "'".$value : (string) $value;
    }
}
