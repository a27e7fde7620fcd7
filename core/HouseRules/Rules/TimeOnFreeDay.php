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
 * Time on a day that asks for none, being neither a holiday nor a day of absence.
 */
final readonly class TimeOnFreeDay implements HouseRule
{
    public const CODE = 'time_on_free_day';

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
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->asksAbout($day) && $sheet->expected->on($day)->isZero()
            && $sheet->holidays->on($day) === null && $sheet->absenceOn($day) === null ? ['entered' => $sheet->enteredOn($day)] : null);
    }
}
