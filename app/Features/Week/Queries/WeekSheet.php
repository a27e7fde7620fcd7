<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\AdjustmentProps;
use App\Features\Week\Props\CellProps;
use App\Features\Week\Props\LineProps;
use App\Features\Week\Props\WeekProps;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** Everything that a person's week shows, in a fixed number of queries. */
final readonly class WeekSheet
{
    public function __construct(private AssignedLines $assigned, private Ribbon $ribbon, private Today $today)
    {
    }

    public function of(Person $owner, Week $week, Person $reader): WeekProps
    {
        $today = $this->today->for($owner);
        $owed = OwedDays::of($owner, Ribbon::days($week));
        $entries = $this->entries($owner, $week);
        $mayRecord = Gate::forUser($reader)->allows('recordWeek', $owner);

        return new WeekProps(
            $week->toString(),
            $week->number(),
            $owner->code,
            $owner->name,
            $owner->id === $reader->id,
            $mayRecord,
            Week::containing($today)->toString(),
            $owed->within($week->days())->toInt(),
            $owed->props($week->days(), $today),
            $this->lines($week, [...$this->assigned->in($owner, $week), ...$entries], $entries),
            WeekTotals::sum($entries, $week),
            $this->ribbon->around($owner, $week, $owed, $today),
        );
    }

    /** @return list<Record> */
    private function entries(Person $owner, Week $week): array
    {
        $query = DB::table('entries')
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'entries.approver_id')
            ->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->select('entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.version', 'entries.state')
            ->addSelect('entries.note', 'entries.client_note', 'entries.return_word', 'entries.corrects', 'approvers.name AS approver');
        AssignedLines::nameTask($query, 'entries.role_id');

        return Record::all($query);
    }

    /**
     * @param  list<Record>  $named  what the lines are called
     * @param  list<Record>  $entries
     * @return list<LineProps>
     */
    private function lines(Week $week, array $named, array $entries): array
    {
        $lines = [];
        foreach ($named as $record) {
            $lines[LineKey::of($record->int('task_id'), $record->intOrNull('role_id'))] ??= $record;
        }
        $byCell = [];
        foreach ($entries as $entry) {
            $byCell[LineKey::of($entry->int('task_id'), $entry->intOrNull('role_id'))][$entry->string('date')][] = $entry;
        }
        uasort($lines, static fn (Record $one, Record $other): int => strcmp(self::order($one), self::order($other)));
        $props = [];
        foreach ($lines as $key => $line) {
            $props[] = $this->line($key, $line, $week, $byCell[$key] ?? []);
        }

        return $props;
    }

    /** By project, internal ones last; then task and role. No code holds the byte between them. */
    private static function order(Record $line): string
    {
        return implode("\x00", [$line->string('internal'), $line->string('project'), $line->string('task_code'), $line->stringOrNull('role_name') ?? '']);
    }

    /** @param  array<string, list<Record>>  $entries  by day */
    private function line(string $key, Record $line, Week $week, array $entries): LineProps
    {
        $cells = [];
        foreach ($week->days() as $day) {
            $cells[] = $this->cell($day->toString(), $entries[$day->toString()] ?? []);
        }

        return new LineProps(
            $key,
            $line->int('task_id'),
            $line->intOrNull('role_id'),
            $line->string('task_name'),
            $line->string('task_code'),
            $line->string('project'),
            $line->string('project_name'),
            $line->stringOrNull('phase'),
            $line->stringOrNull('role_name'),
            $line->string('project_state') === 'closed' ? Words::refusal('line_closed') : null,
            $cells,
        );
    }

    /** @param  list<Record>  $entries */
    private function cell(string $date, array $entries): CellProps
    {
        $inked = null;
        $adjustments = [];
        foreach ($entries as $entry) {
            if ($entry->stringOrNull('corrects') === null) {
                $inked = $entry;
            } else {
                $adjustments[] = new AdjustmentProps($entry->int('minutes'), $entry->string('corrects'), $entry->string('note'));
            }
        }
        $state = $inked === null ? null : EntryState::from($inked->string('state'));

        return new CellProps(
            $date,
            $inked?->int('minutes'),
            $inked?->int('version'),
            $state,
            $inked?->string('note') ?? '',
            $inked?->string('client_note') ?? '',
            $state === EntryState::Returned ? $inked->stringOrNull('return_word') : null,
            $state === EntryState::Submitted ? $inked->stringOrNull('approver') ?? Words::refusal('the_office') : null,
            $adjustments,
        );
    }
}
