<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\DayRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * A day that asks for time holds none. Only days that are over, or all once the whole week is submitted.
 */
final readonly class EmptyWorkingDay implements HouseRule
{
    public const CODE = 'empty_working_day';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): RuleScope
    {
        return RuleScope::Sheet;
    }

    public function limits(): null
    {
        return null;
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Information;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static fn (Day $day): ?array => ($sheet->isComplete() || $day->isBefore($sheet->today))
            && ! $sheet->expected->on($day)->isZero() && $sheet->enteredOn($day)->isZero() ? ['expected' => $sheet->expected->on($day)] : null);
    }
}
