<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Totals that pages read in the place of entries and plans, and what of them is still to be recalculated. Acts say what they
 * changed; nothing here is written by triggers.
 */
return new class extends Migration
{
    private const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    private const FIGURES = [
        'planned_minutes', 'remaining_minutes', 'over_assigned_minutes', 'budget_cents',
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
    ];

    public function up(): void
    {
        $columns = static fn (array $names): string => implode(', ', array_map(static fn (string $name): string => $name.' INTEGER NOT NULL DEFAULT 0', $names));
        foreach ([
            // By the first day of a week, or of a month within it, so that both weeks and months are sums. Costs are rounded for
            // each entry; hundredths of hours likewise. Role 0 is the person's usual one.
            "CREATE TABLE recorded_weeks (
                task_id INTEGER NOT NULL REFERENCES tasks (id) ON DELETE CASCADE,
                person_id INTEGER NOT NULL REFERENCES people (id),
                role_id INTEGER NOT NULL DEFAULT 0,
                starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                {$columns([...self::SUMS, 'actual_hundredths', 'pending_hundredths'])},
                PRIMARY KEY (task_id, person_id, role_id, starts_on)
            ) STRICT, WITHOUT ROWID",
            'CREATE INDEX recorded_weeks_of_person ON recorded_weeks (person_id, starts_on)',
            'CREATE INDEX recorded_weeks_unrated ON recorded_weeks (person_id, role_id, starts_on, actual_unrated, pending_unrated) WHERE actual_unrated + pending_unrated <> 0',
            'CREATE INDEX recorded_weeks_by_week ON recorded_weeks (starts_on, actual_minutes, pending_minutes)',
            // Beside the sum what lies on each weekday, so that a part can be cut at any day.
            "CREATE TABLE planned_weeks (
                task_id INTEGER NOT NULL REFERENCES tasks (id) ON DELETE CASCADE,
                person_id INTEGER NOT NULL DEFAULT 0,
                team_id INTEGER NOT NULL DEFAULT 0,
                role_id INTEGER NOT NULL DEFAULT 0,
                starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                planned_minutes INTEGER NOT NULL CHECK (planned_minutes > 0),
                {$columns(['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'])},
                PRIMARY KEY (task_id, person_id, team_id, role_id, starts_on)
            ) STRICT, WITHOUT ROWID",
            'CREATE INDEX planned_weeks_by_week ON planned_weeks (starts_on, planned_minutes)',
            // Figures at completion, as far as they do not depend on the day on which one looks.
            "CREATE TABLE task_figures (
                task_id INTEGER PRIMARY KEY REFERENCES tasks (id) ON DELETE CASCADE,
                project_id INTEGER NOT NULL REFERENCES projects (id),
                {$columns(self::FIGURES)}
            ) STRICT",
            'CREATE INDEX task_figures_of_project ON task_figures (project_id)',
            "CREATE TABLE project_figures (
                project_id INTEGER PRIMARY KEY REFERENCES projects (id),
                {$columns(self::FIGURES)}
            ) STRICT",
            // By how much the forecast changed in a week, under its Sunday; under no day, what it was to begin with.
            <<<'SQL'
                CREATE TABLE task_forecasts (
                    task_id INTEGER NOT NULL REFERENCES tasks (id) ON DELETE CASCADE,
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
            // What large changes have queued; up to which person, task or project it is done, and how many of them there are.
            <<<'SQL'
                CREATE TABLE recalculations (
                    id INTEGER PRIMARY KEY,
                    kind TEXT NOT NULL CHECK (kind IN ('recorded_keys', 'recorded_people', 'planned', 'tasks', 'projects')),
                    scope TEXT NOT NULL CHECK (json_valid(scope)),
                    place INTEGER NOT NULL DEFAULT 0,
                    units INTEGER NOT NULL DEFAULT 0,
                    units_done INTEGER NOT NULL DEFAULT 0,
                    is_done INTEGER NOT NULL DEFAULT 0 CHECK (is_done IN (0, 1)),
                    queued_at TEXT NOT NULL
                ) STRICT
                SQL,
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['recalculations', 'project_forecasts', 'task_forecasts', 'project_figures', 'task_figures', 'planned_weeks', 'recorded_weeks'] as $table) {
            DB::statement('DROP TABLE '.$table);
        }
    }
};
