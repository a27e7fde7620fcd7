<?php

declare(strict_types=1);

namespace App\Features\Expenses\Queries;

use App\Expenses\Currencies;
use App\Features\HouseRules\Queries\FindingText;
use App\Features\HouseRules\Queries\RulesInForce;
use App\Models\Expense;
use App\Models\Person;
use App\Models\Receipt;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\CheckedExpense;
use Moss\Core\Expenses\ExpenseFinding;
use Moss\Core\Expenses\ExpenseRules;
use Moss\Core\Money\Money;
use Moss\Core\OwnFields\FieldSubject;

/** What the house rules find in expenses, in a fixed number of queries. */
final readonly class ExpenseFindings
{
    public function __construct(private Today $today)
    {
    }

    /**
     * @param  Collection<int, Expense>  $inQuestion  of any people
     * @return array<int, list<ExpenseFinding>> by expense
     */
    public function of(Collection $inQuestion, Currencies $currencies): array
    {
        if ($inQuestion->isEmpty()) {
            return [];
        }
        $inQuestion->loadMissing('person.team');
        $settings = RulesInForce::load();
        $asked = array_flip($inQuestion->modelKeys());
        $missing = self::missingFields($inQuestion);
        $checked = array_values(array_map(static fn (Expense $expense): CheckedExpense => self::checked($expense, isset($asked[$expense->id]), $currencies, $missing[$expense->id] ?? []), $this->comparable($inQuestion)->all()));
        $found = [];
        foreach ($inQuestion->groupBy('person_id') as $ofPerson) {
            $owner = $ofPerson->firstOrFail()->person;
            $rules = new ExpenseRules($settings, $owner->team?->code, $this->today->for($owner));
            foreach ($rules->check($checked, (string) $owner->id) as $one) {
                $found[$one->expense][] = $one;
            }
        }

        return $found;
    }

    /** What was found, as a sentence for a reader. */
    public static function what(ExpenseFinding $found, Person $reader, Currencies $currencies): string
    {
        $currency = $currencies->own->code;

        return FindingText::what($found->rule->value, array_map(static fn (Money|Day|int|string $value): Day|int|string => $value instanceof Money ? Wording::money($value, $currency) : $value, $found->values), $reader);
    }

    /**
     * Those in question, the people's others of the same days, and whoever's with the same receipts.
     *
     * @param  Collection<int, Expense>  $inQuestion
     * @return Collection<int, Expense>
     */
    private function comparable(Collection $inQuestion): Collection
    {
        $ids = $inQuestion->modelKeys();
        $same = Receipt::query()->select('expense_id')->whereNotNull('expense_id')->whereIn('digest', Receipt::query()->select('digest')->whereIn('expense_id', $ids));
        $days = $inQuestion->map(static fn (Expense $expense): string => $expense->date->toString())->unique()->all();
        $people = $inQuestion->map(static fn (Expense $expense): int => $expense->person_id)->unique()->all();

        $others = Expense::query()->with('category', 'task.project', 'receipts')->whereKeyNot($ids)
            ->where(static fn (Builder $any) => $any->whereIn('id', $same)
                ->orWhere(static fn (Builder $own) => $own->whereIn('person_id', $people)->whereIn('date', $days)->where('reverses', false)))->get();

        return $inQuestion->loadMissing('category', 'task.project', 'receipts')->concat($others)->sortBy('id');
    }

    /**
     * @param  Collection<int, Expense>  $expenses
     * @return array<int, list<string>> names of required own fields that hold nothing, by expense
     */
    private static function missingFields(Collection $expenses): array
    {
        $fields = OwnFieldList::of(FieldSubject::Expense);
        if ($fields->isEmpty()) {
            return [];
        }
        $expenses->loadMissing('task.project.client');
        $held = OwnFieldValues::of(FieldSubject::Expense, array_values(array_map(static fn (Expense $one): int => $one->id, $expenses->all())));
        $missing = [];
        foreach ($expenses as $expense) {
            foreach ($fields->asked($expense->date, $expense->person->team?->code, $expense->task->project->client?->code)->fields() as $field) {
                if ($field->isRequired && ($held[$expense->id][$field->code] ?? '') === '') {
                    $missing[$expense->id][] = $field->name;
                }
            }
        }

        return $missing;
    }

    /** @param  list<string>  $missingFields */
    private static function checked(Expense $expense, bool $isInQuestion, Currencies $currencies, array $missingFields): CheckedExpense
    {
        $category = $expense->category;

        return new CheckedExpense(
            $expense->id, (string) $expense->person_id, $expense->date, $expense->task->project->code, $category->code, $expense->gross_cents, $expense->gross_minor.' '.$currencies->ofId($expense->currency_id)->code,
            array_values(array_map(static fn (Receipt $receipt): string => $receipt->digest, $expense->receipts->all())), $category->mileage, $category->limit_cents, $category->limit_per, $expense->corrects_id, $isInQuestion, $missingFields,
        );
    }
}
