<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\RibbonWeekProps;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** The weeks around one, each with its sums by state, in one query. */
final class Ribbon
{
    private const BEFORE = 8;

    private const AFTER = 4;

    public static function days(Week $week): DayRange
    {
        return DayRange::between($week->plusWeeks(-self::BEFORE)->monday(), $week->plusWeeks(self::AFTER)->sunday());
    }

    /** @return list<RibbonWeekProps> */
    public function around(Person $owner, Week $week, OwedDays $owed, Day $today): array
    {
        $days = self::days($week);
        $query = DB::table('entries')->where('person_id', $owner->id)
            ->whereBetween('date', [$days->first()->toString(), $days->last()->toString()])
            ->select('date', 'state')->selectRaw('sum(minutes) AS minutes')->groupBy('date', 'state');
        $sums = [];
        foreach (Record::all($query) as $record) {
            $of = Week::containing(Day::of($record->string('date')))->toString();
            $sums[$of][$record->string('state')] = ($sums[$of][$record->string('state')] ?? 0) + $record->int('minutes');
        }
        $ribbon = [];
        for ($offset = -self::BEFORE; $offset <= self::AFTER; $offset++) {
            $ribbon[] = self::week($week->plusWeeks($offset), $sums, $owed, $today);
        }

        return $ribbon;
    }

    /** @param  array<string, array<string, int>>  $sums */
    private static function week(Week $week, array $sums, OwedDays $owed, Day $today): RibbonWeekProps
    {
        $states = $sums[$week->toString()] ?? [];

        return new RibbonWeekProps(
            $week->toString(),
            $week->monday()->toString(),
            $owed->within($week->days())->toInt(),
            $states[EntryState::Draft->value] ?? 0,
            $states[EntryState::Submitted->value] ?? 0,
            $states[EntryState::Returned->value] ?? 0,
            ($states[EntryState::Approved->value] ?? 0) + ($states[EntryState::Settled->value] ?? 0),
            $week->equals(Week::containing($today)),
        );
    }
}
