<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\DecisionKind;
use App\Features\Review\Props\ExpenseDecisionProps;
use App\Models\DecidedExpense;
use App\Models\ExpenseDecision;
use App\Models\Person;
use Moss\Core\Calendar\Day;

/** What a person has decided on expenses today and not undone, in a fixed number of queries. */
final class ExpenseDecisions
{
    private const MOST = 5;

    /** @return list<ExpenseDecisionProps> the newest first */
    public static function of(Person $person, Day $today): array
    {
        $made = ExpenseDecision::query()->with('decided.expense.person:id,name')->where('actor_id', $person->id)->where('at', '>=', $today->plusDays(-1)->toString())->whereNull('undone_at')->orderByDesc('id')->limit(self::MOST)->get();

        return array_values($made->map(static fn (ExpenseDecision $one): ExpenseDecisionProps => new ExpenseDecisionProps(
            $one->id, DecisionKind::from($one->decision), $one->comment, $one->expenses,
            array_values($one->decided->map(static fn (DecidedExpense $decided): string => $decided->expense->person->name)->unique()->sort()->all()),
            $one->canBeUndone(),
        ))->all());
    }
}
