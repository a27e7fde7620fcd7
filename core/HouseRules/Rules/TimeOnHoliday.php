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
 * More time than is expected on a public holiday.
 */
final readonly class TimeOnHoliday implements HouseRule
{
    public const CODE = 'time_on_holiday';

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
        return Severity::NeedsExplanation;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->holidays->on($day) !== null && $sheet->holdsMoreThanExpected($day)
            ? ['holiday' => $sheet->holidays->on($day)->name, 'entered' => $sheet->enteredOn($day), 'expected' => $sheet->expected->on($day)]
            : null);
    }
}
