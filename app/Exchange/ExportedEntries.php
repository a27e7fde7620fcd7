<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Person;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;

/**
 * The rows of `entries.csv`, by person, date, project, task, role and the day that is corrected. There may be millions: they
 * come by an index in the order of person and date, codes are put in here, and only the entries of one day are sorted.
 */
final class ExportedEntries
{
    /** @var array<int, string> cells of hours by minutes */
    private array $hours = [];

    /**
     * @param  array<int, string>  $people  codes by id
     * @param  array<int, array{string, string}>  $tasks  codes of project and task by id
     * @param  array<int, string>  $roles  codes by id
     */
    private function __construct(private readonly array $people, private readonly array $tasks, private readonly array $roles, private readonly HoursCell $format, private readonly TextFormat $text, private readonly YesNoFormat $yesNo, private readonly bool $withChargeCodes)
    {
    }

    /** @return iterable<list<string>> */
    public static function rows(TextFormat $text, bool $withChargeCodes, ?DayRange $period = null): iterable
    {
        $tasks = [];
        foreach (Record::each(Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->select('tasks.id', 'tasks.code', 'projects.code AS project')) as $task) {
            $tasks[$task->int('id')] = [$task->string('project'), $task->string('code')];
        }

        return (new self(self::codes('people'), $tasks, self::codes('roles'), HoursCell::ofEntry(), $text, new YesNoFormat, $withChargeCodes))->days($period);
    }

    /** @return iterable<list<string>> */
    private function days(?DayRange $period): iterable
    {
        $rows = [];
        foreach (StreamedRows::of(self::query($period)) as $entry) {
            /** @var array{int, int, int|null, string, int, string, int|null, string, string, string|null, string|null} $entry */
            $row = $this->row($entry);
            if ($rows !== [] && ($rows[0][4] !== $row[4] || $rows[0][0] !== $row[0])) {
                yield from self::sorted($rows);
                $rows = [];
            }
            $rows[] = $row;
        }
        yield from self::sorted($rows);
    }

    private static function query(?DayRange $period): Builder
    {
        return Person::query()->toBase()->crossJoin('entries')->whereColumn('entries.person_id', 'people.id')->orderBy('people.code')->orderBy('entries.date')
            ->when($period !== null, static fn (Builder $within): Builder => $within->whereBetween('entries.date', [(string) $period?->first()->toString(), (string) $period?->last()->toString()]))
            ->select('entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state', 'entries.billable', 'entries.note', 'entries.client_note', 'entries.corrects', 'entries.charge_code');
    }

    /**
     * @param  array{int, int, int|null, string, int, string, int|null, string, string, string|null, string|null}  $entry  in the order in which it is selected
     * @return list<string>
     */
    private function row(array $entry): array
    {
        [$person, $task, $role, $date, $minutes, $state, $billable, $note, $clientNote, $corrects, $chargeCode] = $entry;

        return [
            $this->people[$person],
            ...$this->tasks[$task],
            $role === null ? '' : $this->roles[$role],
            $date,
            $this->hours[$minutes] ??= $this->format->print($minutes),
            $state,
            $billable === null ? '' : $this->yesNo->print($billable),
            $note === '' ? '' : $this->text->print($note),
            $clientNote === '' ? '' : $this->text->print($clientNote),
            $corrects ?? '',
            ...($this->withChargeCodes ? [$chargeCode === null ? '' : $this->text->print($chargeCode)] : []),
        ];
    }

    /**
     * @param  list<list<string>>  $rows  of one person and date
     * @return list<list<string>>
     */
    private static function sorted(array $rows): array
    {
        if (count($rows) > 1) {
            usort($rows, static fn (array $one, array $other): int => strcmp($one[1], $other[1]) ?: strcmp($one[2], $other[2]) ?: strcmp($one[3], $other[3]) ?: strcmp($one[10], $other[10]));
        }

        return $rows;
    }

    /**
     * @param  literal-string  $table
     * @return array<int, string>
     */
    private static function codes(string $table): array
    {
        $codes = [];
        foreach (Record::each(DB::table($table)->select('id', 'code')) as $row) {
            $codes[$row->int('id')] = $row->string('code');
        }

        return $codes;
    }
}
