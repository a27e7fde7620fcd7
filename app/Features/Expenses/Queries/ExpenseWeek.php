<?php

declare(strict_types=1);

namespace App\Features\Expenses\Queries;

use App\Expenses\Currencies;
use App\Expenses\UsableCategories;
use App\Features\Expenses\Props\CurrencySumProps;
use App\Features\Expenses\Props\DatedRateProps;
use App\Features\Expenses\Props\ExpenseCategoryProps;
use App\Features\Expenses\Props\ExpenseCurrencyProps;
use App\Features\Expenses\Props\ExpenseProps;
use App\Features\Expenses\Props\ExpensesProps;
use App\Features\Expenses\Props\ExpenseTaskProps;
use App\Features\Expenses\Props\OtherWeekProps;
use App\Features\Expenses\Props\TripSumProps;
use App\Features\Receipts\Queries\WaitingReceipts;
use App\Features\Week\Queries\RecordableTask;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\ExchangeRate;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\Person;
use App\Models\Trip;
use App\OwnFields\OwnFieldList;
use App\OwnFields\Props\OwnFieldProps;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Expenses\Currency;
use Moss\Core\Expenses\LimitPer;
use Moss\Core\Money\Money;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\EntryState;

/** The expenses of a person's week, and all that another is made of, in a fixed number of queries. */
final readonly class ExpenseWeek
{
    private const MOST_TASKS = 100;

    private const MOST_TRIPS = 20;

    public function __construct(private ExpenseFindings $findings, private RecordableTasks $tasks, private Today $today)
    {
    }

    public function of(Person $owner, Week $week, Person $reader): ExpensesProps
    {
        $expenses = ExpenseRows::load(Expense::query()->where('person_id', $owner->id)->inWeek($week));
        $currencies = Currencies::load();
        $open = $expenses->filter(static fn (Expense $one): bool => $one->state->isOpen());
        $found = $this->findings->of($open->isEmpty() ? $open : $expenses->filter(static fn (Expense $one): bool => ! $one->state->isActual()), $currencies);
        $corrected = array_flip(array_filter(Expense::query()->whereIn('corrects_id', $expenses->modelKeys())->pluck('corrects_id')->all(), is_int(...)));
        $counting = $expenses->filter(static fn (Expense $one): bool => $one->isCounting());
        $today = $this->today->for($owner);
        $fields = OwnFieldList::of(FieldSubject::Expense);
        $mayRecord = Gate::forUser($reader)->allows('recordWeek', $owner);

        return new ExpensesProps(
            $owner->code, $owner->name, $week->toString(), $week->number(), $week->plusWeeks(-1)->toString(), $week->plusWeeks(1)->toString(),
            array_map(static fn (Day $day): string => $day->toString(), [...$week->days()]),
            ($week->equals(Week::containing($today)) ? $today : $week->monday())->toString(),
            $reader->id === $owner->id, $mayRecord, Gate::forUser($reader)->allows('submitWeek', $owner),
            array_values($expenses->map(static fn (Expense $one): ExpenseProps => ExpenseRows::props($one, $found[$one->id] ?? [], $currencies, $reader, isset($corrected[$one->id])))->all()),
            $mayRecord ? WaitingReceipts::of($owner) : [], $owner->receipt_reminder,
            array_values(UsableCategories::of($owner)->get()->map(self::category(...))->all()),
            self::currencies($currencies, $week),
            $mayRecord ? $this->tasksOf($owner, $week, $fields) : [],
            $fields->props(),
            array_values(array_filter(Trip::query()->where('person_id', $owner->id)->orderByDesc('id')->limit(self::MOST_TRIPS)->pluck('name')->all(), is_string(...))),
            // Of what was corrected there are three: itself, its reversal, and the correction.
            $counting->count() - 2 * $counting->where('reverses', true)->count(), self::sums($counting, $currencies), self::tripSums($counting, $currencies), Money::ofCents(self::total($counting))->toString(), $open->count(),
            $expenses->filter(static fn (Expense $one): bool => $one->state === EntryState::Submitted && $one->approvals === 0)->count(),
            self::elsewhere($owner, $week),
        );
    }

    private static function category(ExpenseCategory $category): ExpenseCategoryProps
    {
        return new ExpenseCategoryProps(
            $category->code, $category->name, $category->mileage, $category->charged, TaxText::of($category->taxShares()), $category->limit_cents?->toString(), $category->limit_per === LimitPer::Day,
        );
    }

    /** @return list<ExpenseCurrencyProps> */
    private static function currencies(Currencies $currencies, Week $week): array
    {
        $ids = array_filter(array_map($currencies->id(...), $currencies->codes()), is_int(...));
        $before = ExchangeRate::query()->toBase()->whereIntegerInRaw('currency_id', $ids)->where('starts_on', '<=', $week->monday()->toString())->groupBy('currency_id')->select('currency_id', Sql::max('starts_on', 'starts_on'));
        $since = array_column(array_map(static fn (Record $one): array => [$one->int('currency_id'), $one->string('starts_on')], Record::all($before)), 1, 0);
        $rates = ExchangeRate::query()->whereIntegerInRaw('currency_id', $ids)->where('starts_on', '>=', $since === [] ? $week->monday()->toString() : min($since))
            ->where('starts_on', '<=', $week->days()->last()->toString())->orderByDesc('starts_on')->get()->groupBy('currency_id');

        return array_map(static fn (string $code): ExpenseCurrencyProps => new ExpenseCurrencyProps(
            $code, array_values(($rates[$currencies->id($code) ?? 0] ?? new Collection)->map(static fn (ExchangeRate $rate): DatedRateProps => new DatedRateProps($rate->starts_on->toString(), $rate->rate))->all()),
        ), $currencies->codes());
    }

    /** @return list<ExpenseTaskProps> those assigned to the person first */
    private function tasksOf(Person $owner, Week $week, OwnFieldList $fields): array
    {
        $open = $this->tasks->ownOn($owner, $week->monday());
        usort($open, static fn (RecordableTask $one, RecordableTask $other): int => [$one->assigned === null, $one->internal, $one->projectName, $one->name] <=> [$other->assigned === null, $other->internal, $other->projectName, $other->name]);

        return array_map(static fn (RecordableTask $task): ExpenseTaskProps => new ExpenseTaskProps(
            $task->id, $task->name, $task->projectName, array_map(static fn (OwnFieldProps $field): string => $field->code, $fields->asked($week->days()->last(), $task->ownerTeam, $task->client)->props()),
        ), array_slice($open, 0, self::MOST_TASKS));
    }

    /**
     * @param  Collection<int, Expense>  $expenses
     * @return list<CurrencySumProps>
     */
    private static function sums(Collection $expenses, Currencies $currencies): array
    {
        $sums = [];
        foreach ($expenses->groupBy(static fn (Expense $one): int => $one->currency_id ?? 0) as $id => $of) {
            $currency = $currencies->ofId($id === 0 ? null : (int) $id);
            $sums[] = new CurrencySumProps($currency->code, self::sum($of, $currency), self::sum($of->where('own_money', true), $currency));
        }

        return $sums;
    }

    /**
     * @param  Collection<int, Expense>  $expenses
     * @return list<TripSumProps>
     */
    private static function tripSums(Collection $expenses, Currencies $currencies): array
    {
        return array_values($expenses->whereNotNull('trip_id')->groupBy('trip_id')->map(static fn (Collection $of): TripSumProps => new TripSumProps($of->firstOrFail()->trip->name ?? '', self::sums($of, $currencies)))->all());
    }

    /** @param  Collection<int, Expense>  $expenses  of one currency */
    private static function sum(Collection $expenses, Currency $currency): string
    {
        return $currency->minor(array_sum(array_map(static fn (Expense $one): int => $one->gross_minor, $expenses->all())))->toString();
    }

    /** @param  Collection<int, Expense>  $expenses */
    private static function total(Collection $expenses): int
    {
        return array_sum(array_map(static fn (Expense $one): int => $one->cost_cents->cents(), $expenses->all()));
    }

    /** @return list<OtherWeekProps> */
    private static function elsewhere(Person $owner, Week $week): array
    {
        $query = Expense::query()->toBase()->where('person_id', $owner->id)->whereIn('state', [EntryState::Draft->value, EntryState::Returned->value])
            ->whereNotBetween('date', [$week->monday()->toString(), $week->days()->last()->toString()])->select(Sql::monday('date', 'monday'), Sql::count('open'))->groupBy('monday')->orderByDesc('monday')->limit(5);

        return array_map(static fn (Record $one): OtherWeekProps => new OtherWeekProps(Week::containing(Day::of($one->string('monday')))->toString(), $one->string('monday'), $one->int('open')), Record::all($query));
    }
}
