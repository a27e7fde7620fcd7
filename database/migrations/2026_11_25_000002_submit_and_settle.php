<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    private const KEEPS_THE_AUDIT_TRAIL = <<<'SQL'
        CREATE TRIGGER audit_trail_is_not_rewritten BEFORE UPDATE ON audit_trail
        BEGIN SELECT RAISE(ABORT, 'The audit trail is append-only'); END
        SQL;

    public function up(): void
    {
        foreach ([...self::houseRules(), ...self::submission(), ...self::decisions(), ...self::corrections(), ...self::auditTrail(), ...self::nothingIsReplaced()] as $statement) {
            DB::statement($statement);
        }
        DB::statement(self::KEEPS_THE_AUDIT_TRAIL);
    }

    /** @return list<string> */
    private static function houseRules(): array
    {
        return [
            // How rules are set: for everybody, a team or a project, from a day on; without a day, from the beginning.
            <<<'SQL'
                CREATE TABLE house_rules (
                    id INTEGER PRIMARY KEY,
                    rule TEXT NOT NULL,
                    severity TEXT NOT NULL CHECK (severity IN ('blocking', 'explanation', 'information', 'off')),
                    limit_number INTEGER NOT NULL DEFAULT 0 CHECK (limit_number >= 0),
                    starts_on TEXT CHECK (length(starts_on) = 10),
                    team_id INTEGER REFERENCES teams (id),
                    project_id INTEGER REFERENCES projects (id),
                    CHECK (team_id IS NULL OR project_id IS NULL)
                ) STRICT
                SQL,
            "CREATE UNIQUE INDEX house_rules_key ON house_rules (rule, coalesce(team_id, 0), coalesce(project_id, 0), coalesce(starts_on, ''))",
            // The explanation with which a person answers what a rule asks.
            <<<'SQL'
                CREATE TABLE finding_explanations (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    week TEXT NOT NULL CHECK (length(week) = 8),
                    rule TEXT NOT NULL,
                    task_id INTEGER REFERENCES tasks (id),
                    role_id INTEGER REFERENCES roles (id),
                    date TEXT CHECK (length(date) = 10),
                    explanation TEXT NOT NULL CHECK (length(explanation) > 0)
                ) STRICT
                SQL,
            "CREATE UNIQUE INDEX finding_explanations_key ON finding_explanations (person_id, week, rule, coalesce(task_id, 0), coalesce(role_id, 0), coalesce(date, ''))",
            // What was found when time was submitted, with the explanations of then; facts are a JSON object.
            <<<'SQL'
                CREATE TABLE findings (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    week TEXT NOT NULL CHECK (length(week) = 8),
                    rule TEXT NOT NULL,
                    severity TEXT NOT NULL CHECK (severity IN ('blocking', 'explanation', 'information')),
                    task_id INTEGER REFERENCES tasks (id),
                    role_id INTEGER REFERENCES roles (id),
                    date TEXT CHECK (length(date) = 10),
                    text_values TEXT NOT NULL CHECK (json_valid(text_values)),
                    explanation TEXT NOT NULL DEFAULT ''
                ) STRICT
                SQL,
            'CREATE INDEX findings_of_week ON findings (person_id, week)',
            // Whether what was found then asks or blocks.
            'ALTER TABLE entries ADD COLUMN needs_attention INTEGER NOT NULL DEFAULT 0 CHECK (needs_attention IN (0, 1))',
            'DROP INDEX entries_waiting',
            "CREATE INDEX entries_waiting ON entries (approver_id, needs_attention, person_id, date) WHERE state = 'submitted'",
            // From when to when a person worked on a day, in minutes after midnight, and how long they paused.
            <<<'SQL'
                CREATE TABLE day_spans (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    date TEXT NOT NULL CHECK (length(date) = 10),
                    starts_at INTEGER NOT NULL CHECK (starts_at BETWEEN 0 AND 1439),
                    ends_at INTEGER NOT NULL CHECK (ends_at BETWEEN 1 AND 1440),
                    break_minutes INTEGER NOT NULL DEFAULT 0 CHECK (break_minutes >= 0),
                    UNIQUE (person_id, date),
                    CHECK (ends_at - starts_at > break_minutes)
                ) STRICT
                SQL,
        ];
    }

    /** @return list<string> */
    private static function submission(): array
    {
        return [
            // What the office asks with every week that begins in a stretch of days; choices are a JSON list.
            <<<'SQL'
                CREATE TABLE questions (
                    id INTEGER PRIMARY KEY,
                    wording TEXT NOT NULL CHECK (length(wording) > 0),
                    kind TEXT NOT NULL CHECK (kind IN ('text', 'choice', 'yes/no')),
                    choices TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(choices)),
                    required INTEGER NOT NULL DEFAULT 0 CHECK (required IN (0, 1)),
                    starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                    ends_on TEXT CHECK (length(ends_on) = 10),
                    CHECK (ends_on IS NULL OR starts_on <= ends_on)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE answers (
                    id INTEGER PRIMARY KEY,
                    question_id INTEGER NOT NULL REFERENCES questions (id),
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    week TEXT NOT NULL CHECK (length(week) = 8),
                    answer TEXT NOT NULL CHECK (length(answer) > 0),
                    UNIQUE (person_id, week, question_id)
                ) STRICT
                SQL,
            'CREATE INDEX answers_of_question ON answers (question_id)',
            // The last day of the closed period; null where none is closed.
            'ALTER TABLE organisations ADD COLUMN closed_until TEXT CHECK (length(closed_until) = 10)',
        ];
    }

    /** @return list<string> */
    private static function decisions(): array
    {
        return [
            // A stand-in for some projects only; without any, for everything.
            <<<'SQL'
                CREATE TABLE stand_in_projects (
                    stand_in_id INTEGER NOT NULL REFERENCES stand_ins (id) ON DELETE CASCADE,
                    project_id INTEGER NOT NULL REFERENCES projects (id),
                    PRIMARY KEY (stand_in_id, project_id)
                ) STRICT, WITHOUT ROWID
                SQL,
            // Approved entries of a period that was closed, until they are settled; by whom it was closed.
            <<<'SQL'
                CREATE TABLE settling_entries (
                    entry_id INTEGER PRIMARY KEY REFERENCES entries (id) ON DELETE CASCADE,
                    settled_by_id INTEGER NOT NULL REFERENCES people (id)
                ) STRICT
                SQL,
            // One act of deciding; nobody acted where time approved itself.
            <<<'SQL'
                CREATE TABLE decisions (
                    id INTEGER PRIMARY KEY,
                    at TEXT NOT NULL,
                    actor_id INTEGER REFERENCES people (id),
                    decision TEXT NOT NULL CHECK (decision IN ('approve', 'return', 'approve itself')),
                    comment TEXT NOT NULL DEFAULT '',
                    entries INTEGER NOT NULL CHECK (entries > 0),
                    minutes INTEGER NOT NULL,
                    undone_at TEXT
                ) STRICT
                SQL,
            'CREATE INDEX decisions_of_actor ON decisions (actor_id, at)',
            // What each entry was before it and has become, so that it can be undone until somebody else acts on it.
            <<<'SQL'
                CREATE TABLE decided_entries (
                    decision_id INTEGER NOT NULL REFERENCES decisions (id),
                    entry_id INTEGER NOT NULL REFERENCES entries (id) ON DELETE CASCADE,
                    version INTEGER NOT NULL,
                    approvals_before INTEGER NOT NULL,
                    approver_before_id INTEGER REFERENCES people (id),
                    decided_before_id INTEGER REFERENCES people (id),
                    PRIMARY KEY (decision_id, entry_id)
                ) STRICT, WITHOUT ROWID
                SQL,
            'CREATE INDEX decided_entries_of_entry ON decided_entries (entry_id)',
            // Words that an approver keeps for returning.
            <<<'SQL'
                CREATE TABLE phrases (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    phrase TEXT NOT NULL CHECK (length(phrase) BETWEEN 1 AND 2000),
                    UNIQUE (person_id, phrase)
                ) STRICT
                SQL,
        ];
    }

    /** @return list<string> */
    private static function corrections(): array
    {
        return [
            // What somebody proposes in the place of approved or settled time. approver_id as on entries: none means the office.
            // An entry that is corrected to nothing goes; what was proposed for it stays.
            <<<'SQL'
                CREATE TABLE corrections (
                    id INTEGER PRIMARY KEY,
                    entry_id INTEGER REFERENCES entries (id) ON DELETE SET NULL,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    task_id INTEGER NOT NULL REFERENCES tasks (id),
                    role_id INTEGER REFERENCES roles (id),
                    date TEXT NOT NULL CHECK (length(date) = 10),
                    proposed_by_id INTEGER NOT NULL REFERENCES people (id),
                    proposed_at TEXT NOT NULL,
                    minutes_before INTEGER NOT NULL,
                    minutes INTEGER NOT NULL CHECK (minutes BETWEEN 0 AND 1440),
                    reason TEXT NOT NULL CHECK (length(reason) > 0),
                    state TEXT NOT NULL DEFAULT 'waiting' CHECK (state IN ('waiting', 'accepted', 'declined', 'withdrawn')),
                    approver_id INTEGER REFERENCES people (id),
                    decided_by_id INTEGER REFERENCES people (id),
                    decided_at TEXT,
                    comment TEXT NOT NULL DEFAULT '',
                    CHECK ((state = 'waiting') = (decided_at IS NULL))
                ) STRICT
                SQL,
            "CREATE UNIQUE INDEX corrections_waiting_key ON corrections (entry_id) WHERE state = 'waiting'",
            "CREATE INDEX corrections_waiting ON corrections (approver_id, person_id) WHERE state = 'waiting'",
            'CREATE INDEX corrections_of_entry ON corrections (entry_id)',
            'CREATE INDEX corrections_of_person ON corrections (person_id, date)',
        ];
    }

    /** @return list<string> */
    private static function auditTrail(): array
    {
        return [
            // What an act was on, its name where it is no entry, and the hash that links each line to the one before.
            "ALTER TABLE audit_trail ADD COLUMN subject TEXT NOT NULL DEFAULT 'entry'",
            "ALTER TABLE audit_trail ADD COLUMN name TEXT NOT NULL DEFAULT ''",
            "ALTER TABLE audit_trail ADD COLUMN hash TEXT NOT NULL DEFAULT ''",
            'CREATE INDEX audit_trail_of_subject ON audit_trail (subject, id)',
            'CREATE INDEX audit_trail_of_task ON audit_trail (task_id, id)',
            'CREATE INDEX audit_trail_at ON audit_trail (at)',
            'DROP TRIGGER audit_trail_is_not_rewritten',
        ];
    }

    /**
     * REPLACE takes rows away without asking the triggers that keep them.
     *
     * @return list<string>
     */
    private static function nothingIsReplaced(): array
    {
        return [
            <<<'SQL'
                CREATE TRIGGER settled_entries_are_not_replaced BEFORE INSERT ON entries
                WHEN EXISTS (
                    SELECT 1 FROM entries WHERE state = 'settled' AND id = NEW.id
                    UNION ALL
                    SELECT 1 FROM entries WHERE state = 'settled' AND person_id = NEW.person_id AND date = NEW.date AND task_id = NEW.task_id
                        AND coalesce(role_id, 0) = coalesce(NEW.role_id, 0) AND coalesce(corrects, '') = coalesce(NEW.corrects, '')
                )
                BEGIN SELECT RAISE(ABORT, 'settled time cannot be replaced'); END
                SQL,
            <<<'SQL'
                CREATE TRIGGER audit_trail_is_not_replaced BEFORE INSERT ON audit_trail
                WHEN EXISTS (SELECT 1 FROM audit_trail WHERE id = NEW.id)
                BEGIN SELECT RAISE(ABORT, 'The audit trail is append-only'); END
                SQL,
        ];
    }

    public function down(): void
    {
        DB::statement('DROP TRIGGER IF EXISTS settled_entries_are_not_replaced');
        DB::statement('DROP TRIGGER IF EXISTS audit_trail_is_not_replaced');
        foreach (['phrases', 'settling_entries', 'decided_entries', 'decisions', 'stand_in_projects', 'corrections', 'answers', 'questions', 'day_spans', 'findings', 'finding_explanations', 'house_rules'] as $table) {
            DB::statement('DROP TABLE IF EXISTS '.$table);
        }
        foreach (['audit_trail_of_subject', 'audit_trail_of_task', 'audit_trail_at', 'entries_waiting'] as $index) {
            DB::statement('DROP INDEX '.$index);
        }
        foreach (['audit_trail' => ['subject', 'name', 'hash'], 'organisations' => ['closed_until'], 'entries' => ['needs_attention']] as $table => $columns) {
            foreach ($columns as $column) {
                DB::statement('ALTER TABLE '.$table.' DROP COLUMN '.$column);
            }
        }
        DB::statement("CREATE INDEX entries_waiting ON entries (approver_id, person_id, date) WHERE state = 'submitted'");
    }
};
