<?php

declare(strict_types=1);

namespace App\Features\Corrections\Queries;

use App\Features\Corrections\Actions\CorrectionRefused;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Whether a person's days still fit what corrections add to them: 24 hours, with the differences that were posted for a day. */
final class FullDays
{
    private const WHOLE_DAY = 1440;

    /**
     * @param  array<string, int>  $growth  minutes by day
     *
     * @throws CorrectionRefused if a day that grows would have more than 24 hours
     */
    public static function refuse(int $person, array $growth): void
    {
        $days = array_keys(array_filter($growth, static fn (int $minutes): bool => $minutes > 0));
        $of = 'coalesce(corrects, date)';
        $sums = DB::table('entries')->where('person_id', $person)
            ->where(static fn (Builder $on): Builder => $on->whereIn('corrects', $days)->orWhere(static fn (Builder $own): Builder => $own->whereNull('corrects')->whereIn('date', $days)))
            ->groupByRaw($of)->selectRaw($of.' AS day, sum(minutes) AS minutes');
        foreach (Record::all($sums) as $sum) {
            if ($sum->int('minutes') + $growth[$sum->string('day')] > self::WHOLE_DAY) {
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
        $query = DB::table('corrections')->where('person_id', $person)->where('state', 'waiting')->whereIn('date', $days)
            ->whereNotIn('entry_id', $except)->whereNotNull('entry_id')->select('date', 'minutes', 'minutes_before');
        foreach (Record::all($query) as $correction) {
            $growth[$correction->string('date')] = ($growth[$correction->string('date')] ?? 0) + max(0, $correction->int('minutes') - $correction->int('minutes_before'));
        }

        return $growth;
    }
}
