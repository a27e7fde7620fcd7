<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/**
 * Rules on what a day holds, beside what is expected on it.
 */
final readonly class DayRules
{
    /** A day that asks for time holds none. Only days that are over, or all once the whole week is submitted. */
    public static function emptyWorkingDay(): HouseRule
    {
        return HouseRule::onDay(RuleCode::EmptyWorkingDay, Severity::Information, static fn (CheckedSheet $sheet, Day $day): ?array => ($sheet->isComplete() || $day->isBefore($sheet->today))
            && ! $sheet->expected->on($day)->isZero() && $sheet->enteredOn($day)->isZero()
                ? ['expected' => $sheet->expected->on($day)]
                : null);
    }

    /** A day holds more than the limit. */
    public static function above(): HouseRule
    {
        return HouseRule::onDay(RuleCode::DayAbove, Severity::NeedsExplanation, static fn (CheckedSheet $sheet, Day $day, Limit $limit): ?array => $sheet->asksAbout($day)
            && $sheet->enteredOn($day)->isMoreThan($limit->minutes())
                ? ['entered' => $sheet->enteredOn($day), 'limit' => $limit->minutes()]
                : null, new LimitRange(LimitUnit::Minutes, 60, 1440, 720));
    }

    /** Time on a day that asks for none, being neither a holiday nor a day of absence. */
    public static function timeOnFreeDay(): HouseRule
    {
        return HouseRule::onDay(RuleCode::TimeOnFreeDay, Severity::Information, static fn (CheckedSheet $sheet, Day $day): ?array => $sheet->asksAbout($day)
            && $sheet->expected->on($day)->isZero() && $sheet->holidays->on($day) === null && $sheet->absenceOn($day) === null
                ? ['entered' => $sheet->enteredOn($day)]
                : null);
    }

    /** More time than is expected on a public holiday. */
    public static function timeOnHoliday(): HouseRule
    {
        return HouseRule::onDay(RuleCode::TimeOnHoliday, Severity::NeedsExplanation, static function (CheckedSheet $sheet, Day $day): ?array {
            $holiday = $sheet->holidays->on($day);

            return $holiday !== null && $sheet->holdsMoreThanExpected($day)
                ? ['holiday' => $holiday->name, 'entered' => $sheet->enteredOn($day), 'expected' => $sheet->expected->on($day)]
                : null;
        });
    }

    /** More time than is expected on a day of absence. */
    public static function timeOnAbsence(): HouseRule
    {
        return HouseRule::onDay(RuleCode::TimeOnAbsence, Severity::NeedsExplanation, static function (CheckedSheet $sheet, Day $day): ?array {
            $absence = $sheet->absenceOn($day);

            return $absence !== null && $sheet->holdsMoreThanExpected($day)
                ? ['absence' => $absence, 'entered' => $sheet->enteredOn($day), 'expected' => $sheet->expected->on($day)]
                : null;
        });
    }
}
