<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\EntryPayChoice;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\PayKind;

/** What entries were asked to be paid as: minutes of overtime, double time and premiums, by kind or by the premium's code. */
final class ChosenPay
{
    /** What a choice is known by: the code of its premium, else its kind. */
    private const KEY = ['pay_premiums.code', 'entry_pay_choices.kind'];

    /**
     * In one query.
     *
     * @param  list<int>  $entries
     * @return array<int, array<string, int>> by entry; only those with a choice
     */
    public static function of(array $entries): array
    {
        $chosen = [];
        foreach ($entries === [] ? [] : Record::all(self::query()->whereIntegerInRaw('entry_pay_choices.entry_id', $entries)->select('entry_pay_choices.entry_id', 'entry_pay_choices.minutes', Sql::first(self::KEY, 'kind'))) as $row) {
            $chosen[$row->int('entry_id')][$row->string('kind')] = $row->int('minutes');
        }

        return $chosen;
    }

    /** The same of each row of a query, as a JSON object; null where nothing is chosen. */
    public static function beside(string $id): Builder
    {
        return self::query()->whereColumn('entry_pay_choices.entry_id', $id)->select(Sql::object(self::KEY, 'entry_pay_choices.minutes', 'chosen_pay'));
    }

    /** @return array<string, int> minutes by kind */
    public static function read(?string $json): array
    {
        $chosen = [];
        foreach ($json === null ? [] : (array) json_decode($json, true, 2, JSON_THROW_ON_ERROR) as $kind => $minutes) {
            $chosen[(string) $kind] = is_int($minutes) ? $minutes : 0;
        }

        return $chosen;
    }

    /**
     * Puts choices in the place of what there are.
     *
     * @param  array<int, array<string, int>>  $chosen  minutes by entry, by kind or premium
     */
    public static function write(array $chosen, PayPremiums $premiums): void
    {
        if ($chosen === []) {
            return;
        }
        EntryPayChoice::query()->whereIntegerInRaw('entry_id', array_keys($chosen))->delete();
        $rows = [];
        foreach ($chosen as $entry => $kinds) {
            foreach ($kinds as $key => $minutes) {
                $rows[] = ['entry_id' => $entry, 'kind' => PayKind::ofKey($key)->value, 'pay_premium_id' => $premiums->named($key)?->id, 'minutes' => $minutes];
            }
        }
        foreach (array_chunk($rows, 500) as $some) {
            EntryPayChoice::query()->insert($some);
        }
    }

    private static function query(): Builder
    {
        return EntryPayChoice::query()->toBase()->leftJoin('pay_premiums', 'pay_premiums.id', 'entry_pay_choices.pay_premium_id');
    }
}
