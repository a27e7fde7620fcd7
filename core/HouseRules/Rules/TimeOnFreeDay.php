<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\Concern;
use Moss\Core\HouseRules\DayRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Level;
use Moss\Core\HouseRules\Limit;

/**
 * Time on a day that asks for none, being neither a holiday nor a day of absence.
 */
final readonly class TimeOnFreeDay implements HouseRule
{
    public const CODE = 'time_on_free_day';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): Concern
    {
        return Concern::Sheet;
    }

    public function limits(): null
    {
        return null;
    }

    public function usualLevel(): Level
    {
        return Level::Mentions;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->asksAbout($day) && $sheet->owed->on($day)->isZero()
            && $sheet->holidays->on($day) === null && $sheet->absenceOn($day) === null ? ['entered' => $sheet->enteredOn($day)] : null);
    }
}
