<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** What of the plan an import makes another, a sentence each: tasks and assignments that are new, changed, or gone. */
final class PlanChanges
{
    private const SAID = ['planned_minutes', 'starts_on', 'ends_on', 'done_on'];

    /** @var array<string, array<int, string>> what rows are called, by table and id */
    private array $names = [];

    /** @return list<string> */
    public function of(FileKindChange $change): array
    {
        if (! in_array($change->kind->table(), ['tasks', 'assignments'], true)) {
            return [];
        }
        $sentences = [];
        foreach ($change->inserts as $row) {
            $sentences[] = ExchangeText::get('report.plan_new', ['what' => $this->nameOf($row), 'how' => implode(', ', self::values($row))]);
        }
        foreach ($change->updates as $index => $row) {
            $sentences[] = $this->changed($change->originals[$index], $row);
        }

        return array_values(array_filter($sentences, is_string(...)));
    }

    /**
     * @param  list<EndedAssignment>  $ended
     * @return list<string>
     */
    public function ofEnded(array $ended): array
    {
        $sentences = array_map(fn (EndedAssignment $one): ?string => $one->after === null
            ? ExchangeText::get('report.plan_gone', ['what' => $this->nameOf($one->before)])
            : $this->changed($one->before, $one->after), $ended);

        return array_values(array_filter($sentences, is_string(...)));
    }

    /**
     * @param  array<string, string|int|null>  $before
     * @param  array<string, string|int|null>  $after
     * @return string|null null where nothing of it is of the plan
     */
    private function changed(array $before, array $after): ?string
    {
        [$was, $is] = [self::values($before), self::values($after)];
        $steps = [];
        foreach (self::SAID as $column) {
            if (($was[$column] ?? '-') !== ($is[$column] ?? '-')) {
                $steps[] = ($was[$column] ?? '-').' → '.($is[$column] ?? '-');
            }
        }

        return $steps === [] ? null : ExchangeText::get('report.plan_changed', ['what' => $this->nameOf($after), 'how' => implode(', ', $steps)]);
    }

    /**
     * @param  array<string, string|int|null>  $row
     * @return array<string, string> by column, those that say something
     */
    private static function values(array $row): array
    {
        $values = [];
        foreach (self::SAID as $column) {
            if (isset($row[$column])) {
                $values[$column] = $column === 'planned_minutes' ? self::hours((int) $row[$column]) : (string) $row[$column];
            }
        }

        return $values;
    }

    private static function hours(int $minutes): string
    {
        return HoursFormat::exact(Minutes::of($minutes)).' h';
    }

    /** @param  array<string, string|int|null>  $row  of a task or an assignment */
    private function nameOf(array $row): string
    {
        if (isset($row['project_id'])) {
            return $this->name('projects', $row['project_id']).'/'.$row['code'];
        }
        $assignee = isset($row['person_id']) ? $this->name('people', $row['person_id']) : $this->name('teams', $row['team_id'] ?? null);
        $role = isset($row['role_id']) ? ', '.$this->name('roles', $row['role_id']) : '';

        return $this->name('tasks', $row['task_id'] ?? null).', '.$assignee.$role;
    }

    private function name(string $table, string|int|null $id): string
    {
        if (! isset($this->names[$table])) {
            $query = $table === 'tasks'
                ? Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->select('tasks.id', Sql::joined(['projects.code', 'tasks.code'], '/', 'name'))
                : DB::table($table)->select('id', 'code AS name');
            $this->names[$table] = [];
            foreach (Record::all($query) as $record) {
                $this->names[$table][$record->int('id')] = $record->string('name');
            }
        }

        return $this->names[$table][(int) $id] ?? '';
    }
}
