<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Text that shows what it says. Control characters do not, and neither do those that embed, override or isolate a direction
 * of reading (Unicode Standard Annex 9): with them a name in a mail could read as another.
 */
final class PlainText
{
    private const HIDDEN = '/[\x{0000}-\x{0008}\x{000B}\x{000C}\x{000E}-\x{001F}\x{007F}-\x{009F}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /** The text without such characters; tabs and line breaks stay. */
    public static function clean(string $text): string
    {
        return (string) preg_replace(self::HIDDEN, '', $text);
    }

    public static function isClean(string $text): bool
    {
        return preg_match(self::HIDDEN, $text) === 0;
    }
}
