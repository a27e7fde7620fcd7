<?php

declare(strict_types=1);

namespace Tests\Core\Expenses;

use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\CheckedExpense;
use Moss\Core\Expenses\ExpenseFinding;
use Moss\Core\Expenses\ExpenseRules;
use Moss\Core\Expenses\LimitPer;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\RuleSetting;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Money\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** As the rules are usually set, on 17 June 2026. */
final class ExpenseRulesTest extends TestCase
{
    /**
     * @param  list<CheckedExpense>  $expenses
     * @param  list<string>  $found  rule and expense
     */
    #[DataProvider('cases')]
    public function test_a_rule_finds_what_it_is_for(array $expenses, array $found): void
    {
        self::assertSame($found, self::check($expenses));
    }

    /** @return iterable<string, array{list<CheckedExpense>, list<string>}> */
    public static function cases(): iterable
    {
        yield 'in order' => [[self::expense(1, cents: 2500), self::expense(2, cents: 2501, receipts: ['a'])], []];
        yield 'no receipt above 25' => [[self::expense(1, cents: 2501)], ['receipt_missing 1']];
        yield 'mileage needs none' => [[self::expense(1, cents: 9000, isMileage: true)], []];
        yield 'at its limit' => [[self::expense(1, cents: 2000, limit: 2000)], []];
        yield 'over its limit' => [[self::expense(1, cents: 2001, limit: 2000)], ['expense_over_limit 1']];
        yield 'over the limit of a day, with what waits already' => [
            [self::expense(1, cents: 1200, limit: 2000, per: LimitPer::Day), self::expense(2, cents: 900, limit: 2000, per: LimitPer::Day, isInQuestion: false)], ['expense_over_limit 1'],
        ];
        yield 'other days and categories do not count' => [
            [self::expense(1, cents: 1200, limit: 2000, per: LimitPer::Day), self::expense(2, cents: 900, day: '2026-06-16', isInQuestion: false), self::expense(3, cents: 900, category: 'taxi', isInQuestion: false)], [],
        ];
        yield 'nor what it corrects' => [[self::expense(1, cents: 1200, limit: 2000, per: LimitPer::Day, corrects: 2), self::expense(2, cents: 1200, limit: 2000, per: LimitPer::Day, isInQuestion: false)], []];
        yield 'sixty days ago' => [[self::expense(1, day: '2026-04-18')], []];
        yield 'sixty-one days ago' => [[self::expense(1, day: '2026-04-17')], ['expense_old 1']];
        yield 'the same twice' => [[self::expense(1), self::expense(2)], ['expense_twice 1', 'expense_twice 2']];
        yield 'the same as one that was paid' => [[self::expense(1), self::expense(2, isInQuestion: false)], ['expense_twice 1']];
        yield 'the same receipt' => [[self::expense(1, cents: 2600, receipts: ['a']), self::expense(2, day: '2026-06-02', receipts: ['b', 'a'], isInQuestion: false)], ['expense_twice 1']];
        yield 'the same of somebody else, but not on one receipt' => [[self::expense(1, limit: 1500, per: LimitPer::Day), self::expense(2, isInQuestion: false, person: 'bo')], []];
        yield 'somebody else’s receipt' => [[self::expense(1, receipts: ['a']), self::expense(2, receipts: ['a'], isInQuestion: false, person: 'bo')], ['expense_twice 1']];
        yield 'two amounts' => [[self::expense(1, cents: 1000), self::expense(2, cents: 1001)], []];
        yield 'a correction is like what it corrects' => [[self::expense(1, corrects: 2), self::expense(2, isInQuestion: false)], []];
        yield 'a required field' => [[self::expense(1, missing: ['Purpose'])], ['expense_field_missing 1']];
        yield 'what is not in question' => [[self::expense(1, cents: 9000, isInQuestion: false)], []];
    }

    public function test_a_rule_may_be_set_otherwise_for_a_project(): void
    {
        $rule = AllRules::named('receipt_missing');
        assert($rule !== null);
        $setting = new RuleSetting($rule, Severity::Blocking, Limit::of(0), project: 'LENS');

        self::assertSame(['receipt_missing 1'], self::check([self::expense(1, cents: 1, project: 'LENS'), self::expense(2, cents: 2)], [$setting]));
        self::assertSame([], self::check([self::expense(1, cents: 9000)], [new RuleSetting($rule, Severity::Off, Limit::none())]));
    }

    public function test_every_rule_on_expenses_has_its_cases(): void
    {
        $tried = [];
        foreach (self::cases() as [, $found]) {
            foreach ($found as $one) {
                $tried[] = explode(' ', $one)[0];
            }
        }
        $all = array_map(static fn (HouseRule $rule): string => $rule->code(), array_filter(AllRules::list(), static fn (HouseRule $rule): bool => $rule->scope() === RuleScope::Expenses));

        self::assertEqualsCanonicalizing(array_values($all), array_values(array_unique($tried)));
    }

    /**
     * @param  list<CheckedExpense>  $expenses
     * @param  list<RuleSetting>  $settings
     * @return list<string>
     */
    private static function check(array $expenses, array $settings = []): array
    {
        $rules = new ExpenseRules(HouseRules::of($settings), null, Day::of('2026-06-17'));

        return array_map(static fn (ExpenseFinding $found): string => $found->rule->value.' '.$found->expense, $rules->check($expenses));
    }

    /**
     * @param  list<string>  $receipts
     * @param  list<string>  $missing
     */
    private static function expense(
        int $id, int $cents = 1000, string $day = '2026-06-15', string $category = 'meals', string $project = 'TIDE', array $receipts = [], bool $isMileage = false,
        ?int $limit = null, LimitPer $per = LimitPer::Expense, ?int $corrects = null, bool $isInQuestion = true, array $missing = [], string $person = 'ada',
    ): CheckedExpense {
        return new CheckedExpense(
            $id, $person, Day::of($day), $project, $category, Money::ofCents($cents), $cents.' EUR', $receipts, $isMileage,
            $limit === null ? null : Money::ofCents($limit), $per, $corrects, $isInQuestion, $missing,
        );
    }
}
