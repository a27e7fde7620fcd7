<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Entry;
use App\Support\Database\ByIndex;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\DayRange;

/** Entries of any number of people on some days: of a few they are found by whose they are, of many by their days. */
final class EntriesOfMany
{
    /** More people than a query names. */
    private const FEW = 1500;

    /**
     * @param  list<int>  $people  of more than a few, entries of others are among them too
     */
    public static function during(array $people, DayRange $days): Builder
    {
        $entries = count($people) > self::FEW ? ByIndex::of('entries', 'entries_of_day') : Entry::query()->toBase()->whereIntegerInRaw('entries.person_id', $people);

        return $entries->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()]);
    }
}
