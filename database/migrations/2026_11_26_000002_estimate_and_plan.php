<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            // Minutes by which a remaining estimate may differ from the calculated remaining minutes before it needs a reason.
            'ALTER TABLE organisations ADD COLUMN estimate_tolerance INTEGER NOT NULL DEFAULT 240 CHECK (estimate_tolerance >= 0)',
            // How remaining estimates take effect on this project; null for the organisation's setting.
            "ALTER TABLE projects ADD COLUMN estimate_mode TEXT CHECK (estimate_mode IN ('immediate', 'notify', 'approve'))",
            // The day whose plan is the baseline; null for the first on which there was one.
            'ALTER TABLE projects ADD COLUMN baseline_on TEXT CHECK (length(baseline_on) = 10)',
            // When and by whom a remaining estimate was made here; null where it came by files.
            'ALTER TABLE remaining_estimates ADD COLUMN entered_at TEXT',
            'ALTER TABLE remaining_estimates ADD COLUMN entered_by_id INTEGER REFERENCES people (id)',
            // Remaining estimates that wait for the project manager, and what became of them.
            <<<'SQL'
                CREATE TABLE proposed_estimates (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    estimated_on TEXT NOT NULL CHECK (length(estimated_on) = 10),
                    entered_at TEXT NOT NULL,
                    entered_by_id INTEGER NOT NULL REFERENCES people (id),
                    remaining_minutes INTEGER NOT NULL CHECK (remaining_minutes >= 0),
                    done INTEGER NOT NULL DEFAULT 0 CHECK (done IN (0, 1)),
                    reason TEXT NOT NULL DEFAULT '',
                    state TEXT NOT NULL DEFAULT 'waiting' CHECK (state IN ('waiting', 'accepted', 'declined', 'withdrawn')),
                    decided_by_id INTEGER REFERENCES people (id),
                    decided_at TEXT,
                    comment TEXT NOT NULL DEFAULT '',
                    CHECK ((state = 'waiting') = (decided_at IS NULL))
                ) STRICT
                SQL,
            "CREATE UNIQUE INDEX proposed_estimates_key ON proposed_estimates (task_id, person_id) WHERE state = 'waiting'",
            'CREATE INDEX proposed_estimates_of_task ON proposed_estimates (task_id, estimated_on)',
            // What was planned for an assignee from a day on, until the next; person and team 0 for the task itself.
            <<<'SQL'
                CREATE TABLE plan_steps (
                    task_id INTEGER NOT NULL REFERENCES tasks (id) ON DELETE CASCADE,
                    person_id INTEGER NOT NULL DEFAULT 0,
                    team_id INTEGER NOT NULL DEFAULT 0,
                    starting_on TEXT NOT NULL CHECK (length(starting_on) = 10),
                    minutes INTEGER NOT NULL CHECK (minutes >= 0),
                    PRIMARY KEY (task_id, person_id, team_id, starting_on)
                ) STRICT, WITHOUT ROWID
                SQL,
            // The steps of the plan say what it was first.
            'ALTER TABLE assignments DROP COLUMN baseline_minutes',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE assignments ADD COLUMN baseline_minutes INTEGER NOT NULL DEFAULT 0 CHECK (baseline_minutes >= 0)');
        DB::statement('DROP TABLE plan_steps');
        DB::statement('DROP TABLE proposed_estimates');
        foreach (['remaining_estimates' => ['entered_by_id', 'entered_at'], 'projects' => ['baseline_on', 'estimate_mode'], 'organisations' => ['estimate_tolerance']] as $table => $columns) {
            foreach ($columns as $column) {
                DB::statement('ALTER TABLE '.$table.' DROP COLUMN '.$column);
            }
        }
    }
};
