<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

/**
 * An amount, rate or distance as people type it: `1,234.50`, `1.234,50`, `12,5`, `1 200`.
 *
 * Of a point and a comma the last is the decimal one; one alone is the decimal one unless exactly three figures follow it.
 */
final readonly class AmountText
{
    /**
     * @param  bool  $isGrouped  whether three figures after a single point or comma are thousands, as in amounts, and not decimals, as in rates
     * @return string|null a decimal with a dot; null for what is no number
     */
    public static function decimal(string $typed, bool $isGrouped = true): ?string
    {
        $text = preg_replace('/[\s\'’]/u', '', mb_scrub($typed, 'UTF-8')) ?? '';
        $sign = str_starts_with($text, '-') || str_starts_with($text, '−') ? '-' : '';
        $text = preg_replace('/^[-−]/u', '', $text) ?? '';
        if (preg_match('/^\d[\d.,]*$/D', $text) !== 1) {
            return null;
        }
        $last = max(strrpos($text, '.'), strrpos($text, ','));
        if ($last === false) {
            return $sign.$text;
        }
        $decimals = substr($text, $last + 1);
        $others = str_replace($text[$last], '', substr($text, 0, $last));
        $isThousands = $isGrouped && strlen($decimals) === 3 && ctype_digit($others);
        $whole = preg_replace('/[.,]/', '', substr($text, 0, $last)) ?? '';
        if ($isThousands || substr_count($text, $text[$last]) > 1) {
            return preg_match('/^\d{1,3}([.,]\d{3})+$/D', $text) === 1 ? $sign.$whole.$decimals : null;
        }

        return $decimals === '' ? null : $sign.$whole.'.'.$decimals;
    }
}
