<?php

declare(strict_types=1);

namespace Moss\Core\Time;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * Reads hours as people type them.
 *
 * Accepted: `8`, `8.25`, `8,25`, `.5`, `1.5h`, `1:30`, `0:05`, `1h`, `1h30`, `1h 30m`, `90m`, `90min`; empty or `0` is none.
 * A plain number is hours; decimals become minutes rounded half up.
 */
final readonly class HoursText
{
    /** Longest text that can mean hours; anything longer is refused unread. */
    private const MAX_LENGTH = 24;

    /** Ten million hours: more than any plan holds, and far from the edge of an integer. */
    private const MAX_PLAN = 600_000_000;

    private const DECIMAL = '/^(\d*[.,]\d+|\d+)\s*h?$/iD';

    private const CLOCK = '/^(\d{1,9}):(\d{2})$/D';

    private const HOURS_AND_MINUTES = '/^(\d{1,9})\s*h\s*(\d{1,2})\s*(?:m|min)?$/iD';

    private const MINUTES = '/^(\d{1,9})\s*(?:m|min)$/iD';

    /**
     * Time on one day: 0 to 24:00, both included.
     *
     * @throws HoursTextRefused
     */
    public static function onDay(string $text): Minutes
    {
        return self::read($text, Minutes::PER_DAY);
    }

    /**
     * Planned or remaining time: 0 to ten million hours.
     *
     * @throws HoursTextRefused
     */
    public static function ofPlan(string $text): Minutes
    {
        return self::read($text, self::MAX_PLAN);
    }

    /**
     * The difference that a correction posts on one day: -24:00 to 24:00.
     *
     * @throws HoursTextRefused
     */
    public static function ofCorrection(string $text): Minutes
    {
        $trimmed = trim($text);
        if (! str_starts_with($trimmed, '-')) {
            return self::onDay($text);
        }

        return Minutes::zero()->minus(self::onDay(substr($trimmed, 1)));
    }

    private static function read(string $text, int $limit): Minutes
    {
        $trimmed = trim($text);
        if (strlen($trimmed) > self::MAX_LENGTH) {
            throw HoursTextRefused::notHours($trimmed);
        }
        if (preg_match('/^-\s*[\d.,]/', $trimmed) === 1) {
            throw HoursTextRefused::negative($trimmed);
        }
        $minutes = self::minutes($trimmed);
        if ($minutes > $limit) {
            throw $limit === Minutes::PER_DAY ? HoursTextRefused::moreThanADay($trimmed) : HoursTextRefused::tooLarge($trimmed);
        }

        return Minutes::of($minutes);
    }

    private static function minutes(string $text): int
    {
        if ($text === '') {
            return 0;
        }
        if (preg_match(self::DECIMAL, $text, $found) === 1) {
            return self::ofDecimal(str_replace(',', '.', $found[1]), $text);
        }
        if (preg_match(self::MINUTES, $text, $found) === 1) {
            return (int) $found[1];
        }
        if (preg_match(self::CLOCK, $text, $found) === 1 || preg_match(self::HOURS_AND_MINUTES, $text, $found) === 1) {
            if ((int) $found[2] > 59) {
                throw HoursTextRefused::minutesAbove59($text);
            }

            return (int) $found[1] * 60 + (int) $found[2];
        }
        throw HoursTextRefused::notHours($text);
    }

    private static function ofDecimal(string $number, string $text): int
    {
        $minutes = BigDecimal::of($number)->multipliedBy(60)->toScale(0, RoundingMode::HALF_UP);
        if ($minutes->isGreaterThan(self::MAX_PLAN)) {
            throw HoursTextRefused::tooLarge($text);
        }

        return $minutes->toInt();
    }
}
