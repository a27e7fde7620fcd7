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
 * More time than is owed on a public holiday.
 */
final readonly class TimeOnHoliday implements HouseRule
{
    public const CODE = 'time_on_holiday';

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
        return Level::Asks;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->holidays->on($day) !== null && $sheet->holdsMoreThanOwed($day)
            ? ['holiday' => $sheet->holidays->on($day)->name, 'entered' => $sheet->enteredOn($day), 'owed' => $sheet->owed->on($day)]
            : null);
    }
}
