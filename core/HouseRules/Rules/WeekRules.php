<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/**
 * Rules on what a week holds as a whole.
 */
final readonly class WeekRules
{
    /** Less than is expected, by more than the limit. Only once nothing more is to come. */
    public static function short(): HouseRule
    {
        return HouseRule::onWeek(RuleCode::WeekShort, Severity::Information, static function (CheckedSheet $sheet, Limit $limit): ?array {
            $missing = $sheet->expectedInWeek()->minus($sheet->entered());

            return $sheet->isComplete() && $missing->isMoreThan($limit->minutes())
                ? ['entered' => $sheet->entered(), 'expected' => $sheet->expectedInWeek(), 'missing' => $missing]
                : null;
        }, new LimitRange(LimitUnit::Minutes, 0, 10080, 0));
    }

    /** More than is expected, by more than the limit. */
    public static function above(): HouseRule
    {
        return HouseRule::onWeek(RuleCode::WeekAbove, Severity::Information, static function (CheckedSheet $sheet, Limit $limit): ?array {
            $over = $sheet->entered()->minus($sheet->expectedInWeek());

            return $over->isMoreThan($limit->minutes())
                ? ['entered' => $sheet->entered(), 'expected' => $sheet->expectedInWeek(), 'over' => $over]
                : null;
        }, new LimitRange(LimitUnit::Minutes, 0, 10080, 240));
    }
}
