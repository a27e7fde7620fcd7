<?php

declare(strict_types=1);

namespace Moss\Core\Search;

/** How well a word that is sought fits a word that is known; both plain, as `Words` has them. */
final readonly class WordFit
{
    public const WHOLE = 40;

    private const BEGINNING = 30;

    private const WITHIN = 20;

    private const NEARLY = 10;

    /**
     * @param  bool  $forgives  whether a slip of the finger fits too
     * @return int from 0, where it does not fit, to 40, where it is the same word
     */
    public static function of(string $sought, string $known, bool $forgives): int
    {
        return match (true) {
            $sought === $known => self::WHOLE,
            str_starts_with($known, $sought) => self::BEGINNING,
            strlen($sought) >= 3 && str_contains($known, $sought) => self::WITHIN,
            $forgives && strlen($sought) >= 4 && preg_match('/\d/', $sought) !== 1 && self::isNearly($sought, substr($known, 0, strlen($sought) + 1)) => self::NEARLY,
            default => 0,
        };
    }

    /** One slip in four letters or more, two in eight or more: a letter wrong, missing or too many, or two letters swapped. */
    private static function isNearly(string $sought, string $known): bool
    {
        $slips = strlen($sought) >= 8 ? 2 : 1;
        $swapped = self::swapped($sought, $known);

        return self::isWithin($slips, $sought, $known) || ($swapped !== null && self::isWithin($slips - 1, $swapped, $known));
    }

    /** The word with two letters in their right order where it first differs; null where that is not what it takes. */
    private static function swapped(string $sought, string $known): ?string
    {
        $at = strspn($sought ^ $known, "\0");

        return $at + 1 < min(strlen($sought), strlen($known)) && $sought[$at] === $known[$at + 1] && $sought[$at + 1] === $known[$at]
            ? substr_replace($sought, $sought[$at + 1].$sought[$at], $at, 2)
            : null;
    }

    private static function isWithin(int $slips, string $sought, string $known): bool
    {
        foreach ([0, 1, 2] as $shorter) {
            if (levenshtein($sought, substr($known, 0, strlen($known) - $shorter)) <= $slips) {
                return true;
            }
        }

        return false;
    }
}
