<?php

declare(strict_types=1);

namespace App\Features\Receipts\Queries;

use App\Expenses\UsableCategories;
use App\Features\Receipts\Props\SeenFieldProps;
use App\Features\Receipts\Props\WaitingReceiptProps;
use App\Models\Person;
use App\Models\Receipt;
use App\Models\ReceiptState;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Calendar\Day;
use Moss\Core\Receipts\CategoryGuess;
use Moss\Core\Receipts\TripGuess;

/** The receipts of a person that wait for an expense, in at most three queries. */
final class WaitingReceipts
{
    private const MOST = 50;

    /** So many of what was confirmed last say of which category a seller is. */
    private const MOST_BEFORE = 200;

    /** @return list<WaitingReceiptProps> the oldest first */
    public static function of(Person $owner): array
    {
        $receipts = Receipt::query()->where('person_id', $owner->id)->whereNull('expense_id')->orderBy('id')->limit(self::MOST)->get();
        $trips = self::trips($receipts);

        $guesses = self::guesses($owner, $receipts);

        return array_values($receipts->map(static fn (Receipt $receipt): WaitingReceiptProps => new WaitingReceiptProps(
            $receipt->id, $receipt->name, $receipt->isPicture(), $receipt->mailed, $receipt->state === ReceiptState::Read, $receipt->received_at,
            self::seen($receipt, 'seller'), self::seen($receipt, 'date'), self::seen($receipt, 'amount'), self::seen($receipt, 'currency'), self::seen($receipt, 'tax'),
            ($guesses[$receipt->id] ?? null)?->category, ($guesses[$receipt->id] ?? null)->isFromBefore ?? false, $trips[$receipt->id] ?? null,
        ))->all());
    }

    /**
     * @param  Collection<int, Receipt>  $receipts
     * @return array<int, CategoryGuess|null> by receipt
     */
    private static function guesses(Person $owner, Collection $receipts): array
    {
        $sellers = [];
        foreach ($receipts as $receipt) {
            if (isset($receipt->reading['seller'])) {
                $sellers[$receipt->id] = $receipt->reading['seller']['value'];
            }
        }
        if ($sellers === []) {
            return [];
        }
        $confirmed = Receipt::query()->toBase()->join('expenses', 'expenses.id', 'receipts.expense_id')->join('expense_categories', 'expense_categories.id', 'expenses.expense_category_id')
            ->where('receipts.person_id', $owner->id)->orderByDesc('receipts.id')->limit(self::MOST_BEFORE)->select('expense_categories.code', Sql::field('receipts.reading', 'seller.value', 'seller'));
        $before = [];
        foreach (Record::all($confirmed) as $one) {
            $before[$one->stringOrNull('seller') ?? ''] ??= $one->string('code');
        }
        $names = [];
        foreach (UsableCategories::of($owner)->where('mileage', false)->get() as $category) {
            $names[$category->code] = $category->name;
        }

        return array_map(static fn (string $seller): ?CategoryGuess => CategoryGuess::of($seller, $before, $names), $sellers);
    }

    /**
     * @param  Collection<int, Receipt>  $receipts
     * @return array<int, string> by receipt
     */
    private static function trips(Collection $receipts): array
    {
        $days = [];
        foreach ($receipts as $receipt) {
            if (isset($receipt->reading['date'])) {
                $days[$receipt->id] = Day::of($receipt->reading['date']['value']);
            }
        }
        $names = [];
        foreach (TripGuess::of($days) as $trip) {
            $name = Wording::of('receipts.trip', ['from' => LocalFormat::wholeDay($days[$trip[0]]), 'until' => LocalFormat::wholeDay($days[$trip[count($trip) - 1]])]);
            $names += array_fill_keys($trip, $name);
        }

        return $names;
    }

    private static function seen(Receipt $receipt, string $field): ?SeenFieldProps
    {
        $seen = $receipt->reading[$field] ?? null;

        return $seen === null ? null : new SeenFieldProps($seen['value'], $seen['line'], $seen['seen'], $seen['sureness']);
    }
}
