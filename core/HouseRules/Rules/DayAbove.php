<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\DayRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * A day holds more than the limit.
 */
final readonly class DayAbove implements HouseRule
{
    public const CODE = 'day_above';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): RuleScope
    {
        return RuleScope::Sheet;
    }

    public function limits(): LimitRange
    {
        return new LimitRange(LimitUnit::Minutes, 60, 1440, 720);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::NeedsExplanation;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static fn (Day $day): ?array => $sheet->asksAbout($day) && $sheet->enteredOn($day)->isMoreThan($limit->minutes())
            ? ['entered' => $sheet->enteredOn($day), 'limit' => $limit->minutes()]
            : null);
    }
}
