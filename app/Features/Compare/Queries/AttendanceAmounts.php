<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Sheet\ExpectedDaysOfMany;
use App\Sheet\PersonWorkTime;
use App\Support\Database\Rows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\WorkItem;
use Moss\Core\Time\Minutes;

/** What the days of a period ask of the people that are compared; in four queries. */
final class AttendanceAmounts
{
    /** @return iterable<ComparedAmount> */
    public function of(ComparisonTerms $terms, ComparableWork $work, WorkItems $items): iterable
    {
        $selection = $terms->selection;
        $people = Rows::of(ComparedPerson::class, $work->people()->leftJoin('teams', 'teams.id', 'people.team_id')->leftJoin('roles', 'roles.id', 'people.role_id')
            ->when($selection->persons !== [], static fn (Builder $some): Builder => $some->whereIn('people.code', $selection->persons))
            ->when($selection->teams !== [], static fn (Builder $some): Builder => $some->whereIn('teams.code', $selection->teams))
            ->orderBy('people.id')->select('people.code', 'teams.code AS team', 'roles.code AS role', ...PersonWorkTime::COLUMNS));
        if ($people === []) {
            return;
        }
        $stretches = self::stretches($terms);
        $expected = ExpectedDaysOfMany::during(array_column($people, 'workTime'), $terms->days);
        foreach ($people as $person) {
            $item = WorkItem::attendance($person->code, $person->team, $person->role, $items->fieldOf($person->workTime->id));
            foreach ($stretches as [$days, $isToDate]) {
                $minutes = $expected->expected($person->workTime, $days);
                if (! $minutes->isZero()) {
                    yield new ComparedAmount($item, $days->first(), ComparisonRow::expected($minutes, $isToDate ? $minutes : Minutes::zero()));
                }
            }
        }
    }

    /**
     * The stretches of days that a grouping or today tells apart.
     *
     * @return list<array{DayRange, bool}> with whether they are up to today
     */
    private static function stretches(ComparisonTerms $terms): array
    {
        $units = array_values(array_filter(array_map(
            static fn (Grouping $grouping): ?PeriodUnit => PeriodUnit::tryFrom($grouping->value),
            [...$terms->groupings(), ...array_column($terms->selection->groups, 0)],
        )));
        $stretches = [];
        $first = $terms->days->first();
        while (! $first->isAfter($terms->days->last())) {
            $isToDate = ! $first->isAfter($terms->today);
            $last = $isToDate ? Day::earlier($terms->days->last(), $terms->today) : $terms->days->last();
            foreach ($units as $unit) {
                $last = Day::earlier($last, $unit->days($first)->last());
            }
            $stretches[] = [DayRange::between($first, $last), $isToDate];
            $first = $last->plusDays(1);
        }

        return $stretches;
    }
}
