<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            // From this instant on the person can no longer sign in; null while they can.
            'ALTER TABLE people ADD COLUMN disabled_at TEXT',
            // Whether somebody besides the office sees what hours cost on the projects that they manage, and so what people cost.
            'ALTER TABLE people ADD COLUMN sees_cost INTEGER NOT NULL DEFAULT 0 CHECK (sees_cost IN (0, 1))',
            // The browsers in which people are signed in. Only hashes are stored: of the key that the session holds, and of
            // the password that was valid at sign-in.
            <<<'SQL'
                CREATE TABLE sign_ins (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    key_hash TEXT NOT NULL UNIQUE CHECK (length(key_hash) = 64),
                    password_hash TEXT NOT NULL CHECK (length(password_hash) = 64),
                    started_at TEXT NOT NULL
                ) STRICT
                SQL,
            'CREATE INDEX sign_ins_of_person ON sign_ins (person_id, started_at)',
            // How far the audit trail goes, under a seal.
            <<<'SQL'
                CREATE TABLE audit_trail_heads (
                    id INTEGER PRIMARY KEY CHECK (id = 1),
                    lines INTEGER NOT NULL CHECK (lines >= 0),
                    hash TEXT NOT NULL,
                    seal TEXT NOT NULL
                ) STRICT
                SQL,
            // Links of day reminders that have been used: a link records a day once.
            <<<'SQL'
                CREATE TABLE used_links (
                    signature TEXT PRIMARY KEY CHECK (length(signature) = 64),
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    used_at TEXT NOT NULL
                ) STRICT, WITHOUT ROWID
                SQL,
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        DB::statement('DROP TABLE audit_trail_heads');
        DB::statement('DROP TABLE used_links');
        DB::statement('DROP TABLE sign_ins');
        DB::statement('ALTER TABLE people DROP COLUMN sees_cost');
        DB::statement('ALTER TABLE people DROP COLUMN disabled_at');
    }
};
