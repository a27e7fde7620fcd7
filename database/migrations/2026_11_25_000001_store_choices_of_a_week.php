<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            // What a person wants pencilled, and in which order they keep their lines: preferences, never part of an account.
            'ALTER TABLE people ADD COLUMN pencil_plan INTEGER NOT NULL DEFAULT 1 CHECK (pencil_plan IN (0, 1))',
            "ALTER TABLE people ADD COLUMN pencil_last_week TEXT NOT NULL DEFAULT 'off' CHECK (pencil_last_week IN ('off', 'lines', 'hours'))",
            'ALTER TABLE people ADD COLUMN pencil_usual_week INTEGER NOT NULL DEFAULT 1 CHECK (pencil_usual_week IN (0, 1))',
            "ALTER TABLE people ADD COLUMN arrangement TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(arrangement))",
            // Lines added to a week or taken from it, and cells whose pencil was rubbed out (those have a date).
            <<<'SQL'
                CREATE TABLE sheet_choices (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    week TEXT NOT NULL CHECK (length(week) = 8),
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    role_id INTEGER REFERENCES roles (id),
                    date TEXT CHECK (length(date) = 10),
                    choice TEXT NOT NULL CHECK (choice IN ('added', 'removed', 'rubbed out')),
                    CHECK ((date IS NOT NULL) = (choice = 'rubbed out'))
                ) STRICT
                SQL,
            "CREATE UNIQUE INDEX sheet_choices_key ON sheet_choices (person_id, week, task_id, coalesce(role_id, 0), coalesce(date, ''))",
            'CREATE INDEX sheet_choices_of_task ON sheet_choices (task_id)',
            // Whom a person lets record in their sheet.
            <<<'SQL'
                CREATE TABLE recorders (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    recorder_id INTEGER NOT NULL REFERENCES people (id),
                    may_submit INTEGER NOT NULL DEFAULT 0 CHECK (may_submit IN (0, 1)),
                    UNIQUE (person_id, recorder_id),
                    CHECK (person_id <> recorder_id)
                ) STRICT
                SQL,
            'CREATE INDEX recorders_by_recorder ON recorders (recorder_id)',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        DB::statement('DROP TABLE IF EXISTS recorders');
        DB::statement('DROP TABLE IF EXISTS sheet_choices');
        foreach (['arrangement', 'pencil_usual_week', 'pencil_last_week', 'pencil_plan'] as $column) {
            DB::statement('ALTER TABLE people DROP COLUMN '.$column);
        }
    }
};
