<?php

declare(strict_types=1);

namespace App\Features\Passwords;

/**
 * Passwords that are tried first, because so many people have them: those of a list that ships with the application, also with
 * digits and signs around them or written several times, and rows of keys.
 */
final class CommonPasswords
{
    /** Repeats of so few characters are tried first. */
    private const LONGEST_REPEATED = 3;

    private const FILE = 'passwords/common.txt';

    private const KEYBOARD = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop', 'azertyuiop', 'abcdefghijklmnopqrstuvwxyz', '01234567890'];

    private ?string $list = null;

    public function includes(string $password): bool
    {
        $lower = mb_strtolower($password);
        $once = self::piece($lower);
        $letters = trim((string) preg_replace('/^[^\pL]+|[^\pL]+$/u', '', $once));

        return mb_strlen($once) <= self::LONGEST_REPEATED || self::isRow($once) || $this->isListed($lower) || $this->isListed($once)
            || ($letters !== '' && (self::isRow($letters) || $this->isListed($letters)));
    }

    /** What a text is repeats of; the text itself where it is not. */
    private static function piece(string $text): string
    {
        return preg_match('/^(.{1,12}?)\1+$/su', $text, $found) === 1 ? $found[1] : $text;
    }

    /** Whether a text is a row of keys or of the alphabet, forwards or backwards, or several such rows. */
    private static function isRow(string $text): bool
    {
        $rows = implode(' ', [...self::KEYBOARD, ...array_map(strrev(...), self::KEYBOARD)]);
        foreach (str_split($text, 4) as $piece) {
            if (! str_contains($rows, $piece)) {
                return false;
            }
        }

        return true;
    }

    private function isListed(string $text): bool
    {
        $this->list ??= "\n".file_get_contents(resource_path(self::FILE));

        return str_contains($this->list, "\n$text\n");
    }
}
