<?php

declare(strict_types=1);

namespace Moss\Core\Time;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * The two ways in which a person may read hours.
 */
enum HoursFormat: string
{
    /** Hours with at most two decimal places, rounded half up: 80 minutes read `1.33`. */
    case Decimal = 'decimal';

    /** Hours and minutes: 80 minutes read `1:20`. */
    case Clock = 'clock';

    public function print(Minutes $minutes): string
    {
        return match ($this) {
            self::Decimal => self::decimal($minutes),
            self::Clock => self::clock($minutes),
        };
    }

    /**
     * Text that reads back as exactly the same minutes: decimal where two places say it exactly, else `h:mm`.
     */
    public static function exact(Minutes $minutes): string
    {
        return $minutes->toInt() % 3 === 0 ? self::decimal($minutes) : self::clock($minutes);
    }

    private static function decimal(Minutes $minutes): string
    {
        $hours = BigDecimal::of($minutes->toInt())->dividedBy(60, 2, RoundingMode::HALF_UP);

        return (string) $hours->stripTrailingZeros();
    }

    private static function clock(Minutes $minutes): string
    {
        $amount = abs($minutes->toInt());

        return sprintf('%s%d:%02d', $minutes->isNegative() ? '-' : '', intdiv($amount, 60), $amount % 60);
    }
}
