<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\AbsenceKind;
use App\Models\Calendar;
use App\Models\Phase;
use App\Models\Task;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Ids by code, of rows that are there and of rows about to be: new codes get their id before anything is written, so
 * that files may refer to each other in any direction.
 */
final class Codes
{
    /** @var array<string, array<array-key, int>> */
    private array $ids = [];

    /** @var array<string, array<array-key, int>> */
    private array $declared = [];

    /** @var array<string, int> */
    private array $next = [];

    public function idOf(string $table, string $code): ?int
    {
        return $this->idsOf($table)[$code] ?? null;
    }

    /** The id of the code, a new one if there is none yet. */
    public function declare(string $table, string $code): int
    {
        $known = $this->idOf($table, $code);
        if ($known !== null) {
            return $known;
        }
        $this->next[$table] ??= 1 + max([0, ...array_values($this->idsOf($table))]);
        $this->declared[$table][$code] = $this->next[$table];

        return $this->ids[$table][$code] = $this->next[$table]++;
    }

    /** Leaves a code that was declared to the file that its row comes from. */
    public function leaveToFile(string $table, string $code): void
    {
        unset($this->declared[$table][$code]);
    }

    /** Writes the calendars, phases and kinds of absence that were declared; they have no file of their own, or need none. */
    public function writeDeclared(): void
    {
        $calendars = [];
        foreach ($this->declared['calendars'] ?? [] as $code => $id) {
            $calendars[] = ['id' => $id, 'code' => (string) $code];
        }
        $phases = [];
        foreach ($this->declared['phases'] ?? [] as $code => $id) {
            [$project, $name] = explode('/', (string) $code, 2);
            $phases[] = ['id' => $id, 'project_id' => $this->idOf('projects', $project), 'name' => $name];
        }
        $kinds = [];
        foreach ($this->declared['absence_kinds'] ?? [] as $name => $id) {
            $kinds[] = ['id' => $id, 'name' => (string) $name];
        }
        Calendar::query()->insert($calendars);
        AbsenceKind::query()->insert($kinds);
        foreach (array_chunk($phases, 500) as $chunk) {
            Phase::query()->insert($chunk);
        }
    }

    /** @return array<array-key, int> read once a file asks for that table */
    private function idsOf(string $table): array
    {
        return $this->ids[$table] ??= array_map(static fn (mixed $id): int => is_int($id) ? $id : 0, self::query($table)->pluck('id', 'code')->all());
    }

    private static function query(string $table): Builder
    {
        return match ($table) {
            'tasks' => Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->select('tasks.id', Sql::joined(['projects.code', 'tasks.code'], '/', 'code')),
            'phases' => Phase::query()->toBase()->join('projects', 'projects.id', 'phases.project_id')->select('phases.id', Sql::joined(['projects.code', 'phases.name'], '/', 'code')),
            'absence_kinds' => AbsenceKind::query()->toBase()->select('id', 'name AS code'),
            default => DB::table(CodeTable::from($table)->value)->select('id', 'code'),
        };
    }
}
