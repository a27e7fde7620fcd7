<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Features\Review\Props\GroupProps;
use App\Features\Review\Props\SumProps;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** What waits for somebody, in sum and by group. A page of groups tells of all the others too, so that what waits is looked through once. */
final readonly class DeskGroups
{
    public const AT_ONCE = 40;

    /** How much there is, how much of it needs attention, and what the part in order is recognised by. */
    private const SUMS = [
        'entries' => 'count(*)',
        'minutes' => 'coalesce(sum(entries.minutes), 0)',
        'needing_attention' => 'coalesce(sum(entries.needs_attention), 0)',
        'minutes_needing_attention' => 'coalesce(sum(entries.needs_attention * entries.minutes), 0)',
        'versions' => 'coalesce(sum((1 - entries.needs_attention) * entries.version), 0)',
        'ids' => 'coalesce(sum((1 - entries.needs_attention) * entries.id), 0)',
    ];

    /** Before the names of sums of all groups. */
    private const OF_ALL = 'all_';

    public function __construct(private Waiting $waiting)
    {
    }

    /** @param  int  $page  from 1; of the last one where there are fewer */
    public function page(Person $person, Day $today, DeskFilter $filter, int $page): DeskPage
    {
        $rows = $this->rows($person, $today, $filter, $page);
        if ($rows === [] && $page > 1) {
            $count = ($this->rows($person, $today, $filter, 1)[0] ?? null)?->int('groups') ?? 0;
            $page = max(1, (int) ceil($count / self::AT_ONCE));
            $rows = $this->rows($person, $today, $filter, $page);
        }
        [$groups, $sums] = [[], []];
        foreach ($rows as $row) {
            $groups[] = new GroupProps($row->string('key'), $row->string('name'), $row->int('entries'), $row->int('minutes'), $row->int('needing_attention'), $row->string('first'));
            $sums[$row->string('key')] = self::summed($row);
        }

        return new DeskPage($groups, $sums, $rows === [] ? new SumProps(0, 0, 0, 0, self::inOrder(0, 0, 0, 0)) : self::summed($rows[0], self::OF_ALL), $rows === [] ? 0 : $rows[0]->int('groups'), $page);
    }

    public function sum(Person $person, Day $today, DeskFilter $filter): SumProps
    {
        return self::summed(Record::all($filter->narrow($this->waiting->for($person, $today))->selectRaw(self::sums()))[0]);
    }

    /** @return list<Record> those with entries needing attention first, then the oldest */
    private function rows(Person $person, Day $today, DeskFilter $filter, int $page): array
    {
        $groups = $filter->narrow($this->waiting->for($person, $today))
            ->selectRaw($filter->by->key().' AS "key", '.$filter->by->name().' AS name, '.self::sums())->addSelect(Sql::min('entries.date', 'first'))->groupByRaw('1');

        return Record::all(DB::query()->fromSub($groups, 'desk')->select('desk.*', Sql::countOfAll('groups'), ...array_map(static fn (string $sum): Sql => Sql::sumOfAll($sum, self::OF_ALL.$sum), array_keys(self::SUMS)))
            ->orderByRaw('needing_attention > 0 DESC, first, name')->offset(($page - 1) * self::AT_ONCE)->limit(self::AT_ONCE));
    }

    private static function sums(): string
    {
        return implode(', ', array_map(static fn (string $sum, string $name): string => $sum.' AS '.$name, self::SUMS, array_keys(self::SUMS)));
    }

    private static function summed(Record $row, string $of = ''): SumProps
    {
        [$entries, $minutes, $needing, $minutesNeeding] = [$row->int($of.'entries'), $row->int($of.'minutes'), $row->int($of.'needing_attention'), $row->int($of.'minutes_needing_attention')];

        return new SumProps($entries, $minutes, $needing, $minutesNeeding, self::inOrder($entries - $needing, $minutes - $minutesNeeding, $row->int($of.'versions'), $row->int($of.'ids')));
    }

    /** Whatever comes, goes or changes in between makes it another. */
    private static function inOrder(int $entries, int $minutes, int $versions, int $ids): string
    {
        return implode('-', [$entries, $minutes, $versions, $ids]);
    }
}
