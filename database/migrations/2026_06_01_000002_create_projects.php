<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            <<<'SQL'
                CREATE TABLE clients (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE projects (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL,
                    client_id INTEGER REFERENCES clients (id),
                    manager_id INTEGER NOT NULL REFERENCES people (id),
                    starts_on TEXT CHECK (length(starts_on) = 10),
                    ends_on TEXT CHECK (length(ends_on) = 10),
                    billable INTEGER NOT NULL DEFAULT 1 CHECK (billable IN (0, 1)),
                    internal INTEGER NOT NULL DEFAULT 0 CHECK (internal IN (0, 1)),
                    approval TEXT CHECK (approval IN ('none', 'project', 'line', 'project+line')),
                    state TEXT NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'closed')),
                    CHECK (ends_on IS NULL OR starts_on IS NULL OR starts_on <= ends_on)
                ) STRICT
                SQL,
            'CREATE INDEX projects_by_manager ON projects (manager_id)',
            'CREATE INDEX projects_by_client ON projects (client_id)',
            <<<'SQL'
                CREATE TABLE phases (
                    id INTEGER PRIMARY KEY,
                    project_id INTEGER NOT NULL REFERENCES projects (id),
                    name TEXT NOT NULL,
                    UNIQUE (project_id, name)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE tasks (
                    id INTEGER PRIMARY KEY,
                    project_id INTEGER NOT NULL REFERENCES projects (id),
                    phase_id INTEGER REFERENCES phases (id),
                    code TEXT NOT NULL CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL,
                    planned_minutes INTEGER CHECK (planned_minutes >= 0),
                    budget_cents INTEGER CHECK (budget_cents >= 0),
                    starts_on TEXT CHECK (length(starts_on) = 10),
                    ends_on TEXT CHECK (length(ends_on) = 10),
                    charge_code TEXT,
                    billable INTEGER CHECK (billable IN (0, 1)),
                    done_on TEXT CHECK (length(done_on) = 10),
                    UNIQUE (project_id, code),
                    CHECK (ends_on IS NULL OR starts_on IS NULL OR starts_on <= ends_on)
                ) STRICT
                SQL,
            'CREATE INDEX tasks_by_phase ON tasks (phase_id)',
            <<<'SQL'
                CREATE TABLE assignments (
                    id INTEGER PRIMARY KEY,
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    person_id INTEGER REFERENCES people (id),
                    team_id INTEGER REFERENCES teams (id),
                    role_id INTEGER REFERENCES roles (id),
                    planned_minutes INTEGER NOT NULL CHECK (planned_minutes >= 0),
                    baseline_minutes INTEGER NOT NULL CHECK (baseline_minutes >= 0),
                    starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                    ends_on TEXT NOT NULL CHECK (length(ends_on) = 10),
                    CHECK ((person_id IS NULL) <> (team_id IS NULL)),
                    CHECK (starts_on <= ends_on)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE UNIQUE INDEX assignments_key
                    ON assignments (task_id, coalesce(person_id, 0), coalesce(team_id, 0), coalesce(role_id, 0), starts_on)
                SQL,
            'CREATE INDEX assignments_by_person ON assignments (person_id, ends_on)',
            'CREATE INDEX assignments_by_team ON assignments (team_id, ends_on)',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['assignments', 'tasks', 'phases', 'projects', 'clients'] as $table) {
            DB::statement('DROP TABLE IF EXISTS '.$table);
        }
    }
};
