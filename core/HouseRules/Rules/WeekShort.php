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
 * The week holds less than is expected, by more than the limit. Only once nothing more is to come.
 */
final readonly class WeekShort implements HouseRule
{
    public const CODE = 'week_short';

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
        return new LimitRange(LimitUnit::Minutes, 0, 10080, 0);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Information;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $missing = $sheet->expectedInWeek()->minus($sheet->entered());

        return $sheet->isComplete() && $missing->isMoreThan($limit->minutes())
            ? [new RuleResult(FindingPlace::week(), ['entered' => $sheet->entered(), 'expected' => $sheet->expectedInWeek(), 'missing' => $missing])]
            : [];
    }
}
