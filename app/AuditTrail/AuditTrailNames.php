<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\Task;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** What codes in lines of the audit trail stand for, in at most one query a table; what is gone keeps its code. */
final readonly class AuditTrailNames
{
    /** Where the row is that a line is about by its code. */
    private const SUBJECTS = [
        'person' => 'people', 'access' => 'people', 'team' => 'teams', 'role' => 'roles', 'client' => 'clients', 'client system' => 'clients',
        'project' => 'projects', 'route' => 'projects',
    ];

    /** Where the row is that a field names by its code. */
    private const FIELDS = ['person' => 'people', 'manager' => 'people', 'line manager' => 'people', 'lead' => 'people', 'team' => 'teams', 'in_role' => 'roles', 'client' => 'clients'];

    /** What a line is about as `PROJECT/TASK`. */
    private const OF_TASKS = ['task', 'assignment'];

    /**
     * @param  array<string, array<array-key, string>>  $names  by table and code
     * @param  array<string, string>  $tasks  by `PROJECT/TASK`
     * @param  bool  $isOfProject  whether the lines are all of one project, which is not named again
     */
    private function __construct(private array $names, private array $tasks, private bool $isOfProject)
    {
    }

    /** @param  list<FoundLine>  $lines */
    public static function of(array $lines, bool $isOfProject): self
    {
        $codes = [];
        $keys = [];
        foreach ($lines as $line) {
            if (in_array($line->subject, self::OF_TASKS, true)) {
                $keys[] = $line->name;
            } elseif (isset(self::SUBJECTS[$line->subject])) {
                $codes[self::SUBJECTS[$line->subject]][] = $line->name;
            }
            foreach ([AuditTrailChanges::told($line->before), AuditTrailChanges::told($line->after)] as $values) {
                foreach (array_intersect_key($values, self::FIELDS) as $field => $code) {
                    if (is_string($code)) {
                        $codes[self::FIELDS[$field]][] = $code;
                    }
                }
            }
        }
        $names = [];
        foreach ($codes as $table => $wanted) {
            foreach (Record::all(DB::table($table)->select('code', 'name')->whereIn('code', array_values(array_unique($wanted)))) as $row) {
                $names[$table][$row->string('code')] = $row->string('name');
            }
        }

        return new self($names, self::tasks($keys, $isOfProject), $isOfProject);
    }

    /** What a line is about. */
    public function named(FoundLine $line): string
    {
        if ($line->task !== null) {
            return $this->isOfProject ? $line->task : $line->task.', '.$line->project;
        }

        return in_array($line->subject, self::OF_TASKS, true)
            ? $this->tasks[$line->name] ?? $line->name
            : $this->names[self::SUBJECTS[$line->subject] ?? ''][$line->name] ?? $line->name;
    }

    /** What a field says, where that is a code. */
    public function value(string $field, string $code): string
    {
        return $this->names[self::FIELDS[$field] ?? ''][$code] ?? $code;
    }

    /**
     * @param  list<string>  $keys  as `PROJECT/TASK`
     * @return array<string, string>
     */
    private static function tasks(array $keys, bool $isOfProject): array
    {
        if ($keys === []) {
            return [];
        }
        $parts = array_map(static fn (string $key): array => explode('/', $key, 2) + ['', ''], $keys);
        $tasks = [];
        $query = Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')
            ->whereIn('projects.code', array_values(array_unique(array_column($parts, 0))))->whereIn('tasks.code', array_values(array_unique(array_column($parts, 1))))
            ->select('tasks.code', 'tasks.name', 'projects.code AS project', 'projects.name AS project_name');
        foreach (Record::all($query) as $task) {
            $tasks[$task->string('project').'/'.$task->string('code')] = $isOfProject ? $task->string('name') : $task->string('name').', '.$task->string('project_name');
        }

        return $tasks;
    }
}
