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
 * More time than is owed on a day of absence.
 */
final readonly class TimeOnAbsence implements HouseRule
{
    public const CODE = 'time_on_absence';

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
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->absenceOn($day) !== null && $sheet->holdsMoreThanOwed($day)
            ? ['absence' => $sheet->absenceOn($day), 'entered' => $sheet->enteredOn($day), 'owed' => $sheet->owed->on($day)]
            : null);
    }
}
