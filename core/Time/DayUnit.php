<?php

declare(strict_types=1);

namespace Moss\Core\Time;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\RoundingNecessaryException;

/** The part of a day in which a team counts its time. A day is what is expected of that day. */
enum DayUnit: string
{
    case HalfDay = 'half_day';
    case TenthOfDay = 'tenth_of_day';

    /** Longest text that can mean days; anything longer is refused unread. */
    private const MAX_LENGTH = 12;

    public function perDay(): int
    {
        return match ($this) {
            self::HalfDay => 2,
            self::TenthOfDay => 10,
        };
    }

    /**
     * Reads days as people type them: `1`, `0.5`, `,5`, `1/2`, `½`, `1d`; empty or `0` is none.
     *
     * @return int how many of the unit, from 0 to a whole day
     *
     * @throws DayCountRefused
     */
    public function read(string $text): int
    {
        $days = self::days(trim($text));
        if ($days === null) {
            throw DayCountRefused::notDays($text);
        }
        if ($days->isGreaterThan(1)) {
            throw DayCountRefused::moreThanADay($text);
        }
        try {
            return $days->multipliedBy($this->perDay())->toScale(0)->toInt();
        } catch (RoundingNecessaryException) {
            throw DayCountRefused::notTheUnit($text);
        }
    }

    /** Days with one decimal place where there is one: 1 half day reads `0.5`, 20 tenths read `2`. */
    public function print(int $count): string
    {
        return (string) BigDecimal::of($count)->dividedBy($this->perDay(), 1)->stripTrailingZeros();
    }

    private static function days(string $text): ?BigDecimal
    {
        if ($text === '') {
            return BigDecimal::zero();
        }
        if (in_array($text, ['½', '1/2'], true)) {
            return BigDecimal::of('0.5');
        }
        if (strlen($text) > self::MAX_LENGTH || preg_match('/^(\d*[.,]\d+|\d+)\s*d?$/iD', $text, $found) !== 1) {
            return null;
        }

        return BigDecimal::of(str_replace(',', '.', $found[1]));
    }
}
