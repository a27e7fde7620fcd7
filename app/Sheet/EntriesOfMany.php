<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Entry;
use App\Models\Person;
use App\Support\Database\ByIndex;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\DayRange;

/** Entries of any number of people on some days: of a few they are found by whose they are, of many by their days. */
final class EntriesOfMany
{
    /** So many are few in any organisation; of more it depends on how many there are. */
    private const FEW = 1500;

    /** One in so many: what a person has takes about three times as long to find as to pass over among everybody's. */
    private const SHARE = 3;

    /**
     * @param  list<int>  $people  of more than a few, entries of others are among them too
     */
    public static function during(array $people, DayRange $days): Builder
    {
        $areFew = count($people) <= self::FEW || count($people) * self::SHARE <= Person::query()->count();
        $entries = $areFew ? Entry::query()->toBase()->whereIntegerInRaw('entries.person_id', $people) : ByIndex::of('entries', 'entries_of_day');

        return $entries->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()]);
    }
}
