<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\Calendar\Day;
use Moss\Core\Clock\ClockTime;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Time\Minutes;

/**
 * Rules on when a day starts and ends, where the organisation wants to know.
 *
 * The limits of breaks and rest are those that working time acts have by default: 30 minutes of breaks after six hours of work
 * and 45 after nine, as in Germany (ArbZG, section 4), and 11 hours between two days of work (Directive 2003/88/EC, article 3).
 */
final readonly class ClockRules
{
    /** From start to end less breaks is not what was entered on the day, or a day with time has no start and end. */
    public static function spansDiffer(): HouseRule
    {
        return HouseRule::onDay(RuleCode::SpansDiffer, Severity::Off, static function (CheckedSheet $sheet, Day $day): ?array {
            $span = ($sheet->attendance[$day->toString()] ?? null)?->minutes() ?? Minutes::zero();

            return $sheet->asksAbout($day) && ! $span->equals($sheet->enteredOn($day)) ? ['span' => $span, 'entered' => $sheet->enteredOn($day)] : null;
        });
    }

    /** More than six hours were worked with breaks shorter than the limit. */
    public static function shortBreakAfterSixHours(): HouseRule
    {
        return self::shortBreak(RuleCode::BreakAfterSix, 6, 30);
    }

    /** More than nine hours were worked with breaks shorter than the limit. */
    public static function shortBreakAfterNineHours(): HouseRule
    {
        return self::shortBreak(RuleCode::BreakAfterNine, 9, 45);
    }

    /** Less time than the limit lies between the end of the day before and the start of the day. */
    public static function shortRest(): HouseRule
    {
        return HouseRule::onDay(RuleCode::RestShort, Severity::Off, static function (CheckedSheet $sheet, Day $day, Limit $limit): ?array {
            $before = $sheet->attendance[$day->plusDays(-1)->toString()] ?? null;
            $today = $sheet->attendance[$day->toString()] ?? null;
            if ($before === null || $today === null || ! $sheet->asksAbout($day)) {
                return null;
            }
            $rest = Minutes::of($today->starts + ClockTime::END_OF_DAY - $before->ends)->notBelowZero();

            return $limit->minutes()->isMoreThan($rest) ? ['rest' => $rest, 'limit' => $limit->minutes()] : null;
        }, new LimitRange(LimitUnit::Minutes, 60, 1440, 660));
    }

    private static function shortBreak(RuleCode $code, int $hours, int $minutes): HouseRule
    {
        return HouseRule::onDay($code, Severity::Off, static function (CheckedSheet $sheet, Day $day, Limit $limit) use ($hours): ?array {
            $attendance = $sheet->attendance[$day->toString()] ?? null;

            return $attendance !== null && $sheet->asksAbout($day) && $attendance->minutes()->isMoreThan(Minutes::ofHours($hours)) && $limit->minutes()->isMoreThan($attendance->breakMinutes())
                ? ['worked' => $attendance->minutes(), 'breaks' => $attendance->breakMinutes(), 'limit' => $limit->minutes()]
                : null;
        }, new LimitRange(LimitUnit::Minutes, 5, 240, $minutes));
    }
}
