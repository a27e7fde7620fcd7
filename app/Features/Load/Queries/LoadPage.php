<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Features\Load\Props\FreePersonProps;
use App\Features\Load\Props\FreeTimeProps;
use App\Features\Load\Props\LoadCellProps;
use App\Features\Load\Props\LoadedPersonProps;
use App\Features\Load\Props\LoadRangeProps;
use App\Features\Load\Props\OpenedLoadProps;
use App\Features\Load\Props\WorkloadProps;
use App\Features\Load\Requests\LoadQuestion;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Workload;
use Moss\Core\Time\Minutes;

/** People by weeks or days: what they entered and what is planned for them against what their days ask; who is free. */
final class LoadPage
{
    private const AT_ONCE = 40;

    /** So many of those who are free are named. */
    private const MOST_FREE = 20;

    public function of(Person $reader, LoadQuestion $asked, Day $today): WorkloadProps
    {
        $people = LoadedPeople::of($reader, $asked);
        $loads = Workloads::inSum($people, $asked->days, $today);
        // Each is asked of everybody once.
        $over = array_map(static fn (Workload $load): int => $load->over()->toInt(), $loads);
        $free = array_map(static fn (Workload $load): int => $load->free()->toInt(), $loads);
        $ordered = $asked->sort === 'name' ? $people : self::ordered($people, $asked->sort === 'free' ? $free : $over);
        $pages = max(1, (int) ceil(count($people) / self::AT_ONCE));
        $page = min($asked->page, $pages);
        $ranges = $asked->ranges();
        $shown = array_slice($ordered, ($page - 1) * self::AT_ONCE, self::AT_ONCE);
        $shownLoads = Workloads::of($shown, $asked->days, $today);

        return new WorkloadProps(
            $asked->unit->value, $asked->days->first()->toString(), $asked->days->last()->toString(), $today->toString(), $asked->sort,
            self::options('people', $asked->people), self::options('teams', $asked->teams), self::options('roles', $asked->roles),
            array_map(static fn (DayRange $range): LoadRangeProps => new LoadRangeProps($range->first()->toString(), $range->last()->toString()), $ranges),
            array_map(static fn (LoadedPerson $person): LoadedPersonProps => new LoadedPersonProps(
                $person->code, $person->name, $person->team, $person->role,
                array_map(static fn (DayRange $range): LoadCellProps => LoadCellProps::of($shownLoads[$person->id]->within($range)), $ranges),
            ), $shown),
            count($people),
            count(array_filter($over)),
            array_sum($over),
            array_sum($free),
            $page,
            $pages,
            $asked->needed === null ? null : self::free($people, $loads, $free, $asked->needed),
            $asked->opened === null ? null : self::opened($reader, $people, $asked),
        );
    }

    /**
     * @param  list<LoadedPerson>  $people
     * @param  array<int, int>  $minutes  by person
     * @return list<LoadedPerson> those with most first
     */
    private static function ordered(array $people, array $minutes): array
    {
        arsort($minutes);
        $byId = array_column($people, null, 'id');

        return array_map(static fn (int $id): LoadedPerson => $byId[$id], array_keys($minutes));
    }

    /**
     * Those who have so many hours free come first, the soonest before the others; then those who have some of it.
     *
     * @param  list<LoadedPerson>  $people
     * @param  array<int, Workload>  $loads
     * @param  array<int, int>  $minutes  that are free, by person
     */
    private static function free(array $people, array $loads, array $minutes, Minutes $needed): FreeTimeProps
    {
        $found = [];
        foreach ($people as $person) {
            if ($minutes[$person->id] > 0) {
                $found[] = [$minutes[$person->id] < $needed->toInt() ? null : $loads[$person->id]->freeBy($needed)?->toString(), $minutes[$person->id], $person];
            }
        }
        usort($found, static fn (array $one, array $other): int => [$one[0] === null, $one[0], -$one[1]] <=> [$other[0] === null, $other[0], -$other[1]]);

        return new FreeTimeProps(
            $needed->toInt(),
            count(array_filter($found, static fn (array $one): bool => $one[0] !== null)),
            array_map(static fn (array $one): FreePersonProps => new FreePersonProps($one[2]->code, $one[2]->name, $one[2]->team, $one[1], $one[0]), array_slice($found, 0, self::MOST_FREE)),
        );
    }

    /** @param  list<LoadedPerson>  $people */
    private static function opened(Person $reader, array $people, LoadQuestion $asked): ?OpenedLoadProps
    {
        foreach ($people as $person) {
            if ($person->code === $asked->opened) {
                return new OpenedLoadProps($person->code, $person->name, PlannedParts::of($reader, $person->id, $asked->days));
            }
        }

        return null;
    }

    /**
     * @param  'people'|'teams'|'roles'  $table
     * @param  list<string>  $codes
     * @return list<OptionProps>
     */
    private static function options(string $table, array $codes): array
    {
        $names = DB::table($table)->whereIn('code', $codes)->pluck('name', 'code')->all();

        return array_map(static function (string $code) use ($names): OptionProps {
            $name = $names[$code] ?? $code;

            return new OptionProps($code, is_string($name) ? $name : $code);
        }, $codes);
    }
}
