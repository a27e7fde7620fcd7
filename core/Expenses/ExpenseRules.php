<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\Line;

/**
 * Checks the expenses of one person by the house rules, as these are set for their team and each expense's project and day.
 */
final readonly class ExpenseRules
{
    private const CODES = [RuleCode::ReceiptMissing, RuleCode::ExpenseOverLimit, RuleCode::ExpenseOld, RuleCode::ExpenseTwice, RuleCode::ExpenseFieldMissing];

    public function __construct(private HouseRules $rules, private ?string $team, private Day $today)
    {
    }

    /**
     * @param  list<CheckedExpense>  $expenses  those in question, and what they may be compared with, of whomever
     * @param  string|null  $person  whose are checked; null for all
     * @return list<ExpenseFinding> by expense, in the order of the expenses
     */
    public function check(array $expenses, ?string $person = null): array
    {
        $findings = [];
        foreach ($expenses as $expense) {
            if (! $expense->isInQuestion || ($person !== null && $expense->person !== $person)) {
                continue;
            }
            foreach (self::CODES as $code) {
                $setting = $this->rules->setting($code->value, $expense->day, $this->team, new Line($expense->project, '', null));
                if ($setting === null || $setting->severity === Severity::Off) {
                    continue;
                }
                $values = $this->values($code, $expense, $expenses, $setting->limit);
                if ($values !== null) {
                    $findings[] = new ExpenseFinding($expense->id, $code, $setting->severity, $values);
                }
            }
        }

        return $findings;
    }

    /**
     * @param  list<CheckedExpense>  $all
     * @return array<string, Money|Day|int|string>|null null where nothing is found
     */
    private function values(RuleCode $code, CheckedExpense $expense, array $all, Limit $limit): ?array
    {
        return match ($code) {
            RuleCode::ReceiptMissing => self::receiptMissing($expense, Money::ofCents($limit->toInt() * 100)),
            RuleCode::ExpenseOverLimit => self::overLimit($expense, $all),
            RuleCode::ExpenseOld => $this->old($expense, $limit->toInt()),
            RuleCode::ExpenseTwice => self::twice($expense, $all),
            default => $expense->missingFields === [] ? null : ['fields' => implode(', ', $expense->missingFields)],
        };
    }

    /** @return array<string, Money>|null */
    private static function receiptMissing(CheckedExpense $expense, Money $above): ?array
    {
        $isMissing = $expense->receipts === [] && ! $expense->isMileage && abs($expense->cost->cents()) > $above->cents();

        return $isMissing ? ['amount' => $expense->cost, 'limit' => $above] : null;
    }

    /**
     * @param  list<CheckedExpense>  $all
     * @return array<string, Money>|null
     */
    private static function overLimit(CheckedExpense $expense, array $all): ?array
    {
        if ($expense->limit === null) {
            return null;
        }
        $sum = $expense->cost;
        if ($expense->limitPer === LimitPer::Day) {
            foreach ($all as $other) {
                $isBeside = $other->id !== $expense->id && $other->id !== $expense->corrects && $other->corrects !== $expense->id;
                if ($isBeside && $other->person === $expense->person && $other->category === $expense->category && $other->day->equals($expense->day)) {
                    $sum = $sum->plus($other->cost);
                }
            }
        }

        return $sum->cents() > $expense->limit->cents() ? ['amount' => $sum, 'limit' => $expense->limit] : null;
    }

    /** @return array<string, int|Day>|null */
    private function old(CheckedExpense $expense, int $limit): ?array
    {
        $age = $expense->day->daysUntil($this->today);

        return $age > $limit ? ['day' => $expense->day, 'age' => $age, 'limit' => $limit] : null;
    }

    /**
     * The same receipt, or the same amount of the same category on the same day.
     *
     * @param  list<CheckedExpense>  $all
     * @return array<string, Day>|null
     */
    private static function twice(CheckedExpense $expense, array $all): ?array
    {
        foreach ($all as $other) {
            if ($other->id === $expense->id || $other->id === $expense->corrects || $other->corrects === $expense->id) {
                continue;
            }
            $isSame = $other->person === $expense->person && $other->day->equals($expense->day) && $other->category === $expense->category && $other->amount === $expense->amount;
            if ($isSame || array_intersect($other->receipts, $expense->receipts) !== []) {
                return ['day' => $other->day];
            }
        }

        return null;
    }
}
