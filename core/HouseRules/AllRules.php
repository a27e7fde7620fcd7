<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\HouseRules\Rules\ClockRules;
use Moss\Core\HouseRules\Rules\DayRules;
use Moss\Core\HouseRules\Rules\EntryRules;
use Moss\Core\HouseRules\Rules\TaskRules;
use Moss\Core\HouseRules\Rules\WeekRules;

/**
 * Every rule that there is. A new rule is a code, a few lines beside its like in `Rules/`, and a line here.
 */
final readonly class AllRules
{
    /** @return list<HouseRule> in the order in which they are shown */
    public static function list(): array
    {
        return array_map(self::rule(...), RuleCode::cases());
    }

    public static function named(string $code): ?HouseRule
    {
        $known = RuleCode::tryFrom($code);

        return $known === null ? null : self::rule($known);
    }

    private static function rule(RuleCode $code): HouseRule
    {
        return match ($code) {
            RuleCode::WeekShort => WeekRules::short(),
            RuleCode::WeekAbove => WeekRules::above(),
            RuleCode::EmptyWorkingDay => DayRules::emptyWorkingDay(),
            RuleCode::DayAbove => DayRules::above(),
            RuleCode::SpansDiffer => ClockRules::spansDiffer(),
            RuleCode::BreakAfterSix => ClockRules::shortBreakAfterSixHours(),
            RuleCode::BreakAfterNine => ClockRules::shortBreakAfterNineHours(),
            RuleCode::RestShort => ClockRules::shortRest(),
            RuleCode::TimeOnFreeDay => DayRules::timeOnFreeDay(),
            RuleCode::TimeOnHoliday => DayRules::timeOnHoliday(),
            RuleCode::TimeOnAbsence => DayRules::timeOnAbsence(),
            RuleCode::OffStep => EntryRules::offStep(),
            RuleCode::NotAssigned => TaskRules::notAssigned(),
            RuleCode::TaskClosed => TaskRules::closed(),
            RuleCode::TaskNotStarted => TaskRules::notStarted(),
            RuleCode::TaskEnded => TaskRules::ended(),
            RuleCode::MoreThanRemained => TaskRules::moreThanRemained(),
            RuleCode::OverBudget => TaskRules::overBudget(),
            RuleCode::ClientNoteMissing => EntryRules::clientNoteMissing(),
            RuleCode::NoteMissing => EntryRules::noteMissing(),
            RuleCode::NoteShort => EntryRules::noteShort(),
            RuleCode::FieldMissing => EntryRules::fieldMissing(),
            RuleCode::ChargeCodeMissing => EntryRules::chargeCodeMissing(),
            RuleCode::OldTime => EntryRules::oldTime(),
            RuleCode::SameEveryDay => EntryRules::sameEveryDay(),
            RuleCode::RecordedByAnother => EntryRules::recordedByAnother(),
            RuleCode::ReceiptMissing => HouseRule::onExpense($code, Severity::NeedsExplanation, new LimitRange(LimitUnit::Money, 0, 10_000, 25)),
            RuleCode::ExpenseOverLimit, RuleCode::ExpenseTwice => HouseRule::onExpense($code, Severity::NeedsExplanation),
            RuleCode::ExpenseOld => HouseRule::onExpense($code, Severity::NeedsExplanation, new LimitRange(LimitUnit::Days, 1, 1000, 60)),
            RuleCode::ExpenseFieldMissing => HouseRule::onExpense($code, Severity::Blocking),
        };
    }
}
