<?php

declare(strict_types=1);

namespace App\Features\Rates\Queries;

use App\Features\Rates\Props\RateProps;
use App\Features\Rates\Props\RatesProps;
use App\Features\Rates\Props\UnratedProps;
use App\Lookup\OptionLists;
use App\Models\Organisation;
use App\Models\Rate;
use App\Models\RecordedWeek;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;

/** All rates, a page at a time, and the recorded time for which there is none; in a fixed number of queries. */
final class RateTable
{
    private const AT_ONCE = 60;

    private const MOST_UNRATED = 20;

    public function of(string $search, int $page, Day $today): RatesProps
    {
        $query = $this->searched($search);
        $count = (clone $query)->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = max(1, min($page, $pages));
        $hasAny = Rate::query()->exists();
        $later = Rate::query()->from('rates', 'later')->toBase()->whereRaw('later.person_id IS rates.person_id AND later.role_id IS rates.role_id AND later.starts_on > rates.starts_on')
            ->where('later.starts_on', '<=', $today->toString())->addSelect(Sql::count());
        $rates = Record::all($query->select('rates.*', 'people.code AS person_code', 'people.name AS person', 'roles.code AS role_code', 'roles.name AS role')->selectSub($later, 'later')
            ->orderByDesc(Sql::isNull('people.name'))->orderBy('people.name')->orderBy('roles.name')->orderByDesc('rates.starts_on')->forPage($page, self::AT_ONCE));

        $organisation = Organisation::query()->sole();

        return new RatesProps(
            $organisation->currency,
            $search,
            array_map(static fn (Record $rate): RateProps => new RateProps(
                $rate->int('id'), $rate->stringOrNull('person_code'), $rate->stringOrNull('person'), $rate->stringOrNull('role_code'), $rate->stringOrNull('role'),
                $rate->string('starts_on'), $rate->string('cost_rate'), $rate->stringOrNull('bill_rate'),
                $rate->string('starts_on') <= $today->toString() && $rate->int('later') === 0,
            ), $rates),
            $count,
            $hasAny,
            $page,
            $pages,
            $this->missing(),
            OptionLists::costReaders(),
            $organisation->shows_bill_value,
            $today->toString(),
        );
    }

    private function searched(string $search): Builder
    {
        $query = Rate::query()->toBase()->leftJoin('people', 'people.id', 'rates.person_id')->leftJoin('roles', 'roles.id', 'rates.role_id');

        return TextSearch::narrow($query, $search, ['people.name', 'people.code', 'roles.name', 'roles.code']);
    }

    /** @return list<UnratedProps> people and roles with time that has no rate, most time first; none where there are no rates at all */
    public function missing(): array
    {
        if (! Rate::query()->exists()) {
            return [];
        }
        $minutes = 'recorded_weeks.actual_unrated + recorded_weeks.pending_unrated';
        $query = RecordedWeek::query()->toBase()->join('people', 'people.id', 'recorded_weeks.person_id')
            ->leftJoin('roles', static fn (JoinClause $join) => $join->whereRaw('roles.id = coalesce(nullif(recorded_weeks.role_id, 0), people.role_id)'))
            ->whereRaw('recorded_weeks.actual_unrated + recorded_weeks.pending_unrated <> 0')->groupBy('people.id', 'roles.id')->havingRaw('sum('.$minutes.') > 0')
            ->selectRaw('people.name AS person, roles.name AS role, sum('.$minutes.') AS minutes, min(substr(recorded_weeks.starts_on, 1, 7)) AS since')
            ->orderByRaw('3 DESC')->orderBy('people.name')->limit(self::MOST_UNRATED);

        return array_map(static fn (Record $one): UnratedProps => new UnratedProps($one->string('person'), $one->stringOrNull('role'), $one->int('minutes'), $one->string('since')), Record::all($query));
    }
}
