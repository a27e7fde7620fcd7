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
 * A day that asks for time holds none. Only days that are over, or all once the whole week is handed over.
 */
final readonly class EmptyWorkingDay implements HouseRule
{
    public const CODE = 'empty_working_day';

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
        return DayRules::found($sheet, static fn (Day $day): ?array => ($sheet->isComplete() || $day->isBefore($sheet->today))
            && ! $sheet->owed->on($day)->isZero() && $sheet->enteredOn($day)->isZero() ? ['owed' => $sheet->owed->on($day)] : null);
    }
}
