<?php

declare(strict_types=1);

namespace Moss\Core\Receipts;

/**
 * Of which category an expense seems to be, by its seller: as the last time with this seller, else the category whose name shares a word
 * with the seller's.
 */
final readonly class CategoryGuess
{
    private const SHORTEST_WORD = 4;

    private function __construct(public string $category, public bool $isFromBefore)
    {
    }

    /**
     * @param  array<string, string>  $before  category by seller, of what was confirmed
     * @param  array<string, string>  $names  name by category, of those that may be used
     */
    public static function of(string $seller, array $before, array $names): ?self
    {
        $last = $before[$seller] ?? null;
        if ($last !== null && isset($names[$last])) {
            return new self($last, true);
        }
        $words = self::words($seller);
        foreach ($names as $category => $name) {
            if (array_intersect(self::words($name), $words) !== []) {
                return new self($category, false);
            }
        }

        return null;
    }

    /** @return list<string> in small letters, without an ending of the plural */
    private static function words(string $text): array
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $found);

        return array_values(array_filter(
            array_map(static fn (string $word): string => preg_replace('/s$/u', '', $word) ?? $word, $found[0]),
            static fn (string $word): bool => mb_strlen($word) >= self::SHORTEST_WORD,
        ));
    }
}
