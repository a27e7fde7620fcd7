<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Sums that pages read in the place of entries. Triggers write down of which task, person, role and month the sums have gone
 * outdated, whatever has written; before a transaction ends, RefreshFigures works them out anew, the
 * first time at the end of the last of these migrations. What only adds up (a project's
 * months, figures and forecasts) is added up by triggers.
 */
return new class extends Migration
{
    private const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    private const FIGURES = [
        'planned_minutes', 'actual_minutes', 'pending_minutes', 'remaining_minutes', 'over_assigned_minutes',
        'budget_cents', 'actual_cents', 'pending_cents', 'pending_unrated', 'actual_unrated',
    ];

    public function up(): void
    {
        foreach ([...self::tables(), ...self::added(), ...self::outdated()] as $statement) {
            DB::statement($statement);
        }
        DB::statement('INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT DISTINCT task_id, person_id, coalesce(role_id, 0), substr(date, 1, 7) FROM entries');
        DB::statement("INSERT INTO outdated_efforts (task_id, person_id, role_id, month) SELECT id, 0, 0, '' FROM tasks");
    }

    /** @return list<string> */
    private static function tables(): array
    {
        $columns = static fn (array $names): string => implode(', ', array_map(static fn (string $name): string => $name.' INTEGER NOT NULL DEFAULT 0', $names));

        return [
            // What is to be worked out anew: sums of a person's entries in a month (person 0: only the task's figures).
            <<<'SQL'
                CREATE TABLE outdated_efforts (
                    task_id INTEGER NOT NULL,
                    person_id INTEGER NOT NULL DEFAULT 0,
                    role_id INTEGER NOT NULL DEFAULT 0,
                    month TEXT NOT NULL DEFAULT '',
                    queued INTEGER NOT NULL DEFAULT 0 CHECK (queued IN (0, 1)),
                    PRIMARY KEY (task_id, person_id, role_id, month)
                ) STRICT, WITHOUT ROWID
                SQL,
            // What an act has set in motion and recalculates itself, however much is queued.
            'CREATE INDEX outdated_efforts_of_act ON outdated_efforts (task_id, person_id, role_id, month) WHERE queued = 0',
            // Entries by month. Costs are rounded for each entry; where the organisation has no rates, cents are hundredths of hours.
            'CREATE TABLE recorded_months (
                task_id INTEGER NOT NULL REFERENCES tasks (id),
                person_id INTEGER NOT NULL REFERENCES people (id),
                role_id INTEGER NOT NULL DEFAULT 0,
                month TEXT NOT NULL CHECK (length(month) = 7),
                '.$columns(self::SUMS).',
                PRIMARY KEY (task_id, person_id, role_id, month)
            ) STRICT, WITHOUT ROWID',
            'CREATE INDEX recorded_months_by_month ON recorded_months (month, task_id, person_id, role_id, actual_minutes, pending_minutes)',
            'CREATE INDEX recorded_months_of_person ON recorded_months (person_id, month, role_id)',
            'CREATE INDEX recorded_months_of_role ON recorded_months (role_id, month)',
            'CREATE TABLE task_months (
                task_id INTEGER NOT NULL REFERENCES tasks (id),
                month TEXT NOT NULL,
                '.$columns(self::SUMS).',
                PRIMARY KEY (task_id, month)
            ) STRICT, WITHOUT ROWID',
            'CREATE TABLE project_months (
                month TEXT NOT NULL,
                project_id INTEGER NOT NULL REFERENCES projects (id),
                '.$columns(['actual_minutes', 'pending_minutes']).',
                PRIMARY KEY (month, project_id)
            ) STRICT, WITHOUT ROWID',
            // Figures at completion, as far as they do not depend on the day on which one looks.
            'CREATE TABLE task_figures (
                task_id INTEGER PRIMARY KEY REFERENCES tasks (id),
                project_id INTEGER NOT NULL REFERENCES projects (id),
                '.$columns(self::FIGURES).'
            ) STRICT',
            'CREATE INDEX task_figures_of_project ON task_figures (project_id)',
            'CREATE TABLE project_figures (
                project_id INTEGER PRIMARY KEY REFERENCES projects (id),
                '.$columns(self::FIGURES).'
            ) STRICT',
            // By how much the forecast changed in a week, under its Sunday; under no day, what it was to begin with.
            <<<'SQL'
                CREATE TABLE task_forecasts (
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    week_end TEXT NOT NULL,
                    change_minutes INTEGER NOT NULL,
                    PRIMARY KEY (task_id, week_end)
                ) STRICT, WITHOUT ROWID
                SQL,
            <<<'SQL'
                CREATE TABLE project_forecasts (
                    project_id INTEGER NOT NULL REFERENCES projects (id),
                    week_end TEXT NOT NULL,
                    change_minutes INTEGER NOT NULL,
                    PRIMARY KEY (project_id, week_end)
                ) STRICT, WITHOUT ROWID
                SQL,
        ];
    }

    /** @return list<string> what is added up from what is stored */
    private static function added(): array
    {
        $project = static fn (string $row): string => '(SELECT project_id FROM tasks WHERE id = '.$row.'.task_id)';

        return [
            ...self::adding('recorded_months', 'task_months', ['task_id' => static fn (string $row): string => $row.'.task_id', 'month' => static fn (string $row): string => $row.'.month'], self::SUMS),
            ...self::adding('recorded_months', 'project_months', ['month' => static fn (string $row): string => $row.'.month', 'project_id' => $project], ['actual_minutes', 'pending_minutes']),
            ...self::adding('task_figures', 'project_figures', ['project_id' => static fn (string $row): string => $row.'.project_id'], self::FIGURES),
            ...self::adding('task_forecasts', 'project_forecasts', ['project_id' => $project, 'week_end' => static fn (string $row): string => $row.'.week_end'], ['change_minutes']),
        ];
    }

    /**
     * @param  array<string, Closure(string): string>  $key  how each column of the key is found from a row
     * @param  list<string>  $sums
     * @return list<string>
     */
    private static function adding(string $from, string $into, array $key, array $sums): array
    {
        $add = static fn (string $row, string $sign): string => sprintf(
            'INSERT INTO %s (%s) VALUES (%s) ON CONFLICT (%s) DO UPDATE SET %s;',
            $into,
            implode(', ', [...array_keys($key), ...$sums]),
            implode(', ', [...array_map(static fn (Closure $find): string => $find($row), array_values($key)), ...array_map(static fn (string $sum): string => $sign.$row.'.'.$sum, $sums)]),
            implode(', ', array_keys($key)),
            implode(', ', array_map(static fn (string $sum): string => $sum.' = '.$sum.' + excluded.'.$sum, $sums)),
        );

        return [
            "CREATE TRIGGER {$into}_grow AFTER INSERT ON $from BEGIN {$add('NEW', '')} END",
            "CREATE TRIGGER {$into}_change AFTER UPDATE ON $from BEGIN {$add('OLD', '-')} {$add('NEW', '')} END",
            "CREATE TRIGGER {$into}_shrink AFTER DELETE ON $from BEGIN {$add('OLD', '-')} END",
        ];
    }

    /** @return list<string> what makes sums outdated */
    private static function outdated(): array
    {
        $mark = static fn (string $select): string => 'INSERT INTO outdated_efforts (task_id, person_id, role_id, month) '.$select.' ON CONFLICT DO NOTHING;';
        $entry = static fn (string $row): string => $mark("VALUES ($row.task_id, $row.person_id, coalesce($row.role_id, 0), substr($row.date, 1, 7))");
        $task = static fn (string $id): string => $mark("VALUES ($id, 0, 0, '')");
        $months = static fn (string $where): string => $mark('SELECT task_id, person_id, role_id, month FROM recorded_months WHERE '.$where);
        $words = static fn (string $person): string => $mark("SELECT task_id, 0, 0, '' FROM remaining_estimates WHERE person_id = $person");
        $rate = static fn (string $row): string => $months("$row.person_id IS NOT NULL AND person_id = $row.person_id AND month >= substr($row.starts_on, 1, 7)")
            .$months("$row.person_id IS NULL AND month >= substr($row.starts_on, 1, 7) AND (role_id = $row.role_id OR (role_id = 0 AND person_id IN (SELECT id FROM people WHERE role_id = $row.role_id)))");
        $actual = static fn (string $row): string => "$row.state IN ('approved', 'settled')";
        $triggers = [
            'entries_come' => ['INSERT ON entries', $entry('NEW')],
            'entries_go' => ['DELETE ON entries', $entry('OLD')],
            // Only approval changes what a sum holds of an entry's state.
            'entries_change' => [
                'UPDATE ON entries WHEN OLD.minutes <> NEW.minutes OR ('.$actual('OLD').') <> ('.$actual('NEW').') OR OLD.date <> NEW.date OR OLD.task_id <> NEW.task_id OR OLD.person_id <> NEW.person_id OR OLD.role_id IS NOT NEW.role_id',
                $entry('OLD').$entry('NEW'),
            ],
            'remaining_estimates_come' => ['INSERT ON remaining_estimates', $task('NEW.task_id')],
            'remaining_estimates_change' => ['UPDATE ON remaining_estimates', $task('OLD.task_id').$task('NEW.task_id')],
            'remaining_estimates_go' => ['DELETE ON remaining_estimates', $task('OLD.task_id')],
            'assignments_come' => ['INSERT ON assignments', $task('NEW.task_id')],
            'assignments_change' => ['UPDATE ON assignments', $task('OLD.task_id').$task('NEW.task_id')],
            'assignments_go' => ['DELETE ON assignments', $task('OLD.task_id')],
            'tasks_come' => ['INSERT ON tasks', $task('NEW.id')],
            'tasks_change' => ['UPDATE OF planned_minutes, budget_cents, done_on ON tasks', $task('NEW.id')],
            // Another team or role puts what a person recorded elsewhere, or at another rate.
            'people_change' => ['UPDATE OF team_id, role_id ON people WHEN OLD.team_id IS NOT NEW.team_id OR OLD.role_id IS NOT NEW.role_id', $months('person_id = NEW.id').$words('NEW.id')],
            'rates_come' => ['INSERT ON rates', $rate('NEW')],
            'rates_change' => ['UPDATE ON rates', $rate('OLD').$rate('NEW')],
            'rates_go' => ['DELETE ON rates', $rate('OLD')],
            // With the first rate, or without the last, every sum is another.
            'first_rate_comes' => ['INSERT ON rates WHEN (SELECT count(*) FROM rates) = 1', $months('1')],
            'last_rate_goes' => ['DELETE ON rates WHEN NOT EXISTS (SELECT 1 FROM rates)', $months('1')],
        ];

        return array_map(
            static fn (string $name, array $trigger): string => 'CREATE TRIGGER outdated_when_'.$name.' AFTER '.$trigger[0].' BEGIN '.$trigger[1].' END',
            array_keys($triggers),
            $triggers,
        );
    }

    public function down(): void
    {
        foreach (DB::select("SELECT name FROM sqlite_master WHERE type = 'trigger' AND (name LIKE 'outdated_when_%' OR name LIKE '%_grow' OR name LIKE '%_change' OR name LIKE '%_shrink')") as $trigger) {
            assert($trigger instanceof stdClass && is_string($trigger->name));
            DB::statement('DROP TRIGGER '.$trigger->name);
        }
        foreach (['project_forecasts', 'task_forecasts', 'project_figures', 'task_figures', 'project_months', 'task_months', 'recorded_months', 'outdated_efforts'] as $table) {
            DB::statement('DROP TABLE IF EXISTS '.$table);
        }
    }
};
