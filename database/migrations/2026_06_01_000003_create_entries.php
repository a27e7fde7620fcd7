<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            // approver_id says whose turn it is on a submitted entry; none means the office.
            // last_decided_by_id is who made the last decision, so that making it twice is the same as once.
            <<<'SQL'
                CREATE TABLE entries (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    role_id INTEGER REFERENCES roles (id),
                    date TEXT NOT NULL CHECK (length(date) = 10),
                    minutes INTEGER NOT NULL CHECK (minutes <> 0 AND minutes BETWEEN -1440 AND 1440),
                    state TEXT NOT NULL DEFAULT 'draft' CHECK (state IN ('draft', 'submitted', 'approved', 'returned', 'settled')),
                    billable INTEGER CHECK (billable IN (0, 1)),
                    note TEXT NOT NULL DEFAULT '',
                    client_note TEXT NOT NULL DEFAULT '',
                    corrects TEXT CHECK (length(corrects) = 10),
                    approver_id INTEGER REFERENCES people (id),
                    approvals INTEGER NOT NULL DEFAULT 0 CHECK (approvals >= 0),
                    last_decided_by_id INTEGER REFERENCES people (id),
                    return_comment TEXT,
                    recorded_by_id INTEGER REFERENCES people (id),
                    version INTEGER NOT NULL DEFAULT 1,
                    CHECK (minutes > 0 OR corrects IS NOT NULL)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE UNIQUE INDEX entries_key
                    ON entries (person_id, date, task_id, coalesce(role_id, 0), coalesce(corrects, ''))
                SQL,
            'CREATE INDEX entries_of_task ON entries (task_id, date)',
            'CREATE INDEX entries_of_day ON entries (date, task_id, person_id, role_id, state, minutes)',
            // What is still open, or approved and to be settled, in the days before a day.
            "CREATE INDEX entries_unsettled ON entries (state, date, person_id, minutes, version) WHERE state <> 'settled'",
            "CREATE INDEX entries_waiting ON entries (approver_id, person_id, date) WHERE state = 'submitted'",
            <<<'SQL'
                CREATE TRIGGER settled_entries_stay BEFORE UPDATE ON entries
                WHEN OLD.state = 'settled'
                BEGIN SELECT RAISE(ABORT, 'settled time cannot be changed'); END
                SQL,
            <<<'SQL'
                CREATE TRIGGER settled_entries_are_stored BEFORE DELETE ON entries
                WHEN OLD.state = 'settled'
                BEGIN SELECT RAISE(ABORT, 'settled time cannot be deleted'); END
                SQL,
            <<<'SQL'
                CREATE TABLE remaining_estimates (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    estimated_on TEXT NOT NULL CHECK (length(estimated_on) = 10),
                    remaining_minutes INTEGER NOT NULL CHECK (remaining_minutes >= 0),
                    reason TEXT NOT NULL DEFAULT '',
                    done INTEGER NOT NULL DEFAULT 0 CHECK (done IN (0, 1)),
                    UNIQUE (task_id, person_id, estimated_on)
                ) STRICT
                SQL,
            'CREATE INDEX remaining_estimates_of_person ON remaining_estimates (person_id, task_id, estimated_on)',
            <<<'SQL'
                CREATE TABLE audit_trail (
                    id INTEGER PRIMARY KEY,
                    at TEXT NOT NULL,
                    actor_id INTEGER REFERENCES people (id),
                    on_behalf_of_id INTEGER REFERENCES people (id),
                    act TEXT NOT NULL,
                    person_id INTEGER REFERENCES people (id),
                    task_id INTEGER REFERENCES tasks (id),
                    date TEXT,
                    before TEXT,
                    after TEXT,
                    why TEXT NOT NULL DEFAULT ''
                ) STRICT
                SQL,
            'CREATE INDEX audit_trail_of_entry ON audit_trail (person_id, date, task_id)',
            <<<'SQL'
                CREATE TRIGGER audit_trail_is_not_rewritten BEFORE UPDATE ON audit_trail
                BEGIN SELECT RAISE(ABORT, 'The audit trail is append-only'); END
                SQL,
            <<<'SQL'
                CREATE TRIGGER audit_trail_is_not_shortened BEFORE DELETE ON audit_trail
                BEGIN SELECT RAISE(ABORT, 'The audit trail is append-only'); END
                SQL,
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['audit_trail', 'remaining_estimates', 'entries'] as $table) {
            DB::statement('DROP TABLE IF EXISTS '.$table);
        }
    }
};
