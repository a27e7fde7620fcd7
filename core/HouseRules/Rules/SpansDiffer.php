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
use Moss\Core\Time\Minutes;

/**
 * From start to end less breaks is not what was entered on the day, or a day with time has no start and end.
 */
final readonly class SpansDiffer implements HouseRule
{
    public const CODE = 'spans_differ';

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
        return Severity::Off;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return DayRules::found($sheet, static function (Day $day) use ($sheet): ?array {
            $span = $sheet->spans[$day->toString()] ?? Minutes::zero();

            return $sheet->asksAbout($day) && ! $span->equals($sheet->enteredOn($day)) ? ['span' => $span, 'entered' => $sheet->enteredOn($day)] : null;
        });
    }
}
