<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * The plan of tasks laid over days, so that a comparison need not do it each time. What the plan is laid over (dates, work
 * patterns, holidays) makes it outdated too. Projects' days and months are added up by triggers.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([...self::tables(), ...self::added(), ...self::outdated()] as $statement) {
            DB::statement($statement);
        }
        DB::statement('INSERT INTO outdated_efforts (task_id) SELECT id FROM tasks WHERE true ON CONFLICT DO NOTHING');
    }

    /** @return list<string> */
    private static function tables(): array
    {
        return [
            'CREATE TABLE task_days (
                task_id INTEGER NOT NULL REFERENCES tasks (id),
                date TEXT NOT NULL CHECK (length(date) = 10),
                planned_minutes INTEGER NOT NULL,
                PRIMARY KEY (task_id, date)
            ) STRICT, WITHOUT ROWID',
            'CREATE TABLE project_days (
                date TEXT NOT NULL,
                project_id INTEGER NOT NULL REFERENCES projects (id),
                planned_minutes INTEGER NOT NULL,
                PRIMARY KEY (date, project_id)
            ) STRICT, WITHOUT ROWID',
            'CREATE TABLE project_plan_months (
                month TEXT NOT NULL,
                project_id INTEGER NOT NULL REFERENCES projects (id),
                planned_minutes INTEGER NOT NULL,
                PRIMARY KEY (month, project_id)
            ) STRICT, WITHOUT ROWID',
        ];
    }

    /** @return list<string> */
    private static function added(): array
    {
        $add = static fn (string $row, string $sign): string => "INSERT INTO project_days (date, project_id, planned_minutes)
                VALUES ($row.date, (SELECT project_id FROM tasks WHERE id = $row.task_id), $sign$row.planned_minutes)
                ON CONFLICT (date, project_id) DO UPDATE SET planned_minutes = planned_minutes + excluded.planned_minutes;
            INSERT INTO project_plan_months (month, project_id, planned_minutes)
                VALUES (substr($row.date, 1, 7), (SELECT project_id FROM tasks WHERE id = $row.task_id), $sign$row.planned_minutes)
                ON CONFLICT (month, project_id) DO UPDATE SET planned_minutes = planned_minutes + excluded.planned_minutes;";

        return [
            "CREATE TRIGGER project_days_grow AFTER INSERT ON task_days BEGIN {$add('NEW', '')} END",
            "CREATE TRIGGER project_days_change AFTER UPDATE ON task_days BEGIN {$add('OLD', '-')} {$add('NEW', '')} END",
            "CREATE TRIGGER project_days_shrink AFTER DELETE ON task_days BEGIN {$add('OLD', '-')} END",
            // With a task goes what is stored of it, while it can still be said of which project it was.
            'CREATE TRIGGER stored_figures_go BEFORE DELETE ON tasks BEGIN '.implode(' ', array_map(
                static fn (string $table): string => "DELETE FROM $table WHERE task_id = OLD.id;",
                ['task_days', 'plan_steps', 'task_months', 'task_forecasts', 'task_figures'],
            )).' END',
        ];
    }

    /** @return list<string> */
    private static function outdated(): array
    {
        $mark = static fn (string $select): string => "INSERT INTO outdated_efforts (task_id, person_id, role_id, month) $select ON CONFLICT DO NOTHING;";
        $holiday = static fn (string $row): string => $mark("SELECT DISTINCT task_id, 0, 0, '' FROM assignments WHERE starts_on <= $row.date AND ends_on >= $row.date")
            .$mark("SELECT tasks.id, 0, 0, '' FROM tasks JOIN projects ON projects.id = tasks.project_id WHERE tasks.planned_minutes IS NOT NULL
                AND coalesce(tasks.starts_on, projects.starts_on, '') <= $row.date AND coalesce(tasks.ends_on, projects.ends_on, '9') >= $row.date");
        $triggers = [
            'task_dates_change' => ['UPDATE OF starts_on, ends_on ON tasks', $mark("VALUES (NEW.id, 0, 0, '')")],
            'project_dates_change' => ['UPDATE OF starts_on, ends_on ON projects', $mark("SELECT id, 0, 0, '' FROM tasks WHERE project_id = NEW.id")],
            'patterns_change' => [
                'UPDATE OF pattern, calendar_id ON people WHEN OLD.pattern IS NOT NEW.pattern OR OLD.calendar_id IS NOT NEW.calendar_id',
                $mark("SELECT DISTINCT task_id, 0, 0, '' FROM assignments WHERE person_id = NEW.id"),
            ],
            'the_pattern_changes' => [
                'UPDATE OF pattern, calendar_id ON organisations WHEN OLD.pattern IS NOT NEW.pattern OR OLD.calendar_id IS NOT NEW.calendar_id',
                $mark("SELECT id, 0, 0, '' FROM tasks WHERE true"),
            ],
            'holidays_come' => ['INSERT ON holidays', $holiday('NEW')],
            'holidays_change' => ['UPDATE ON holidays', $holiday('OLD').$holiday('NEW')],
            'holidays_go' => ['DELETE ON holidays', $holiday('OLD')],
        ];

        return array_map(
            static fn (string $name, array $trigger): string => 'CREATE TRIGGER outdated_when_'.$name.' AFTER '.$trigger[0].' BEGIN '.$trigger[1].' END',
            array_keys($triggers),
            $triggers,
        );
    }

    public function down(): void
    {
        DB::statement('DROP TRIGGER stored_figures_go');
        foreach (['task_dates_change', 'project_dates_change', 'patterns_change', 'the_pattern_changes', 'holidays_come', 'holidays_change', 'holidays_go'] as $name) {
            DB::statement('DROP TRIGGER outdated_when_'.$name);
        }
        foreach (['project_plan_months', 'project_days', 'task_days'] as $table) {
            DB::statement('DROP TABLE '.$table);
        }
    }
};
