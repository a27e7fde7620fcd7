<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\OpenWeekProps;
use App\Features\Review\Props\WaitingCellProps;
use App\Features\Review\Props\WaitingLineProps;
use App\Features\Week\Queries\LineKey;
use App\Features\Week\Queries\LineNames;
use App\Features\Week\Queries\OwedDays;
use App\Models\Entry;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** One person's week with what of it waits for the approver, in a fixed number of queries. */
final readonly class OpenWeek
{
    public function __construct(private Waiting $waiting)
    {
    }

    /** Null where nothing of it waits for the approver, so that nothing else of it is shown. */
    public function of(Person $owner, Week $week, Person $approver, Day $today): ?OpenWeekProps
    {
        $entries = $this->entries($owner, $week, $approver, $today);
        if ($entries === []) {
            return null;
        }
        $owed = OwedDays::of($owner, $week->days());
        $dayTotals = array_fill_keys(array_map(static fn (Day $day): string => $day->toString(), iterator_to_array($week->days(), false)), 0);
        $lines = [];
        $standingInFor = [];
        foreach ($entries as $entry) {
            $dayTotals[$entry->string('date')] += $entry->int('minutes');
            $lines[LineKey::of($entry->int('task_id'), $entry->intOrNull('role_id'))][] = $entry;
            $standingInFor = StandingIn::names($standingInFor, $entry, $approver);
        }

        return new OpenWeekProps(
            $owner->code,
            $owner->name,
            $week->toString(),
            $week->number(),
            $owed->within($week->days())->toInt(),
            (int) Entry::query()->where('person_id', $owner->id)->whereBetween('date', [$week->monday()->toString(), $week->sunday()->toString()])->sum('minutes'),
            array_sum($dayTotals),
            $owed->props($week->days(), $today),
            array_values($dayTotals),
            array_map(self::line(...), array_keys($lines), array_values($lines)),
            $standingInFor,
        );
    }

    /** @return list<Record> */
    private function entries(Person $owner, Week $week, Person $approver, Day $today): array
    {
        $query = $this->waiting->for($approver, $today)
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'entries.approver_id')
            ->leftJoin('people AS recorders', static fn (JoinClause $join): JoinClause => $join
                ->on('recorders.id', 'entries.recorded_by_id')->whereColumn('recorders.id', '<>', 'entries.person_id'))
            ->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->select('entries.id', 'entries.version', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.note', 'entries.client_note')
            ->addSelect('entries.approver_id', 'approvers.name AS approver', 'recorders.name AS recorder')
            ->selectRaw('coalesce(entries.billable, tasks.billable, projects.billable) AS is_billable')
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('entries.role_id')->orderBy('entries.date');
        LineNames::join($query, 'entries.role_id');

        return Record::all($query);
    }

    /** @param  non-empty-list<Record>  $entries */
    private static function line(string $key, array $entries): WaitingLineProps
    {
        $cells = [];
        $isBillable = false;
        foreach ($entries as $entry) {
            $isBillable = $isBillable || $entry->bool('is_billable');
            $cells[] = new WaitingCellProps(
                $entry->int('id'),
                $entry->int('version'),
                $entry->string('date'),
                $entry->int('minutes'),
                $entry->string('note'),
                $entry->string('client_note'),
                $entry->stringOrNull('recorder'),
            );
        }
        $first = $entries[0];

        return new WaitingLineProps(
            $key,
            $first->string('task_name'),
            $first->string('project'),
            $first->string('project_name'),
            $first->stringOrNull('role_name'),
            $isBillable,
            array_sum(array_map(static fn (WaitingCellProps $cell): int => $cell->minutes, $cells)),
            $cells,
        );
    }
}
