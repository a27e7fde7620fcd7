<?php

declare(strict_types=1);

namespace App\Features\Corrections\Queries;

use App\Features\Corrections\Actions\CorrectionRefused;
use App\Models\Correction;
use App\Models\Entry;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Time\Minutes;

/** Whether a person's days still fit what corrections add to them: 24 hours, with the differences that were posted for a day. */
final class FullDays
{
    /**
     * @param  array<string, int>  $growth  minutes by day
     *
     * @throws CorrectionRefused if a day that grows would have more than 24 hours
     */
    public static function refuse(int $person, array $growth): void
    {
        $days = array_keys(array_filter($growth, static fn (int $minutes): bool => $minutes > 0));
        $sums = Entry::query()->toBase()->where('person_id', $person)
            ->where(static fn (Builder $on): Builder => $on->whereIn('corrects', $days)->orWhere(static fn (Builder $own): Builder => $own->whereNull('corrects')->whereIn('date', $days)))
            ->groupBy('day')->select(Sql::first(['corrects', 'date'], 'day'), Sql::sum('minutes', 'minutes'));
        foreach (Record::all($sums) as $sum) {
            if ($sum->int('minutes') + $growth[$sum->string('day')] > Minutes::PER_DAY) {
                throw CorrectionRefused::because('full_day', ['day' => $sum->string('day')]);
            }
        }
    }

    /**
     * What the corrections that wait would add to a person's days.
     *
     * @param  list<string>  $days
     * @param  list<int>  $except  entries whose corrections are left out
     * @return array<string, int> minutes by day
     */
    public static function waiting(int $person, array $days, array $except): array
    {
        $growth = [];
        $query = Correction::query()->waiting()->toBase()->where('person_id', $person)->whereIn('date', $days)
            ->whereNotIn('entry_id', $except)->whereNotNull('entry_id')->select('date', 'minutes', 'minutes_before');
        foreach (Record::all($query) as $correction) {
            $growth[$correction->string('date')] = ($growth[$correction->string('date')] ?? 0) + max(0, $correction->int('minutes') - $correction->int('minutes_before'));
        }

        return $growth;
    }
}
