<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\FindingPlace;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleResult;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * The week holds more than is expected, by more than the limit.
 */
final readonly class WeekAbove implements HouseRule
{
    public const CODE = 'week_above';

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
        return new LimitRange(LimitUnit::Minutes, 0, 10080, 240);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Information;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $over = $sheet->entered()->minus($sheet->expectedInWeek());

        return $over->isMoreThan($limit->minutes())
            ? [new RuleResult(FindingPlace::week(), ['entered' => $sheet->entered(), 'expected' => $sheet->expectedInWeek(), 'over' => $over])]
            : [];
    }
}
