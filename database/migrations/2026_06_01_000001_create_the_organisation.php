<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Tables are written in SQL, since SQLite's CHECK constraints and STRICT tables have no words in the schema builder.
 * Days are `YYYY-MM-DD`, durations whole minutes, money whole cents, rates exact decimals as text.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            <<<'SQL'
                CREATE TABLE calendars (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE holidays (
                    id INTEGER PRIMARY KEY,
                    calendar_id INTEGER NOT NULL REFERENCES calendars (id),
                    date TEXT NOT NULL CHECK (length(date) = 10),
                    name TEXT NOT NULL,
                    part TEXT NOT NULL DEFAULT '1' CHECK (CAST(part AS REAL) BETWEEN 0 AND 1),
                    UNIQUE (calendar_id, date)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE organisations (
                    id INTEGER PRIMARY KEY CHECK (id = 1),
                    name TEXT NOT NULL DEFAULT 'Moss Week',
                    currency TEXT NOT NULL DEFAULT 'EUR',
                    pattern TEXT NOT NULL DEFAULT '8 8 8 8 8 0 0',
                    calendar_id INTEGER REFERENCES calendars (id),
                    entry_step INTEGER CHECK (entry_step BETWEEN 1 AND 1440),
                    approval TEXT NOT NULL DEFAULT 'project' CHECK (approval IN ('none', 'project', 'line', 'project+line')),
                    estimate_mode TEXT NOT NULL DEFAULT 'notify' CHECK (estimate_mode IN ('immediate', 'notify', 'approve')),
                    self_approve INTEGER NOT NULL DEFAULT 0 CHECK (self_approve IN (0, 1))
                ) STRICT
                SQL,
            'INSERT INTO organisations (id) VALUES (1)',
            <<<'SQL'
                CREATE TABLE roles (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE teams (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL,
                    lead_id INTEGER REFERENCES people (id)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE people (
                    id INTEGER PRIMARY KEY,
                    code TEXT NOT NULL UNIQUE CHECK (length(code) BETWEEN 1 AND 32),
                    name TEXT NOT NULL,
                    email TEXT NOT NULL UNIQUE COLLATE NOCASE,
                    password TEXT,
                    remember_token TEXT,
                    team_id INTEGER REFERENCES teams (id),
                    manager_id INTEGER REFERENCES people (id),
                    access TEXT NOT NULL DEFAULT 'member' CHECK (access IN ('member', 'manager', 'office', 'viewer')),
                    role_id INTEGER REFERENCES roles (id),
                    calendar_id INTEGER REFERENCES calendars (id),
                    pattern TEXT,
                    timezone TEXT,
                    starts_on TEXT CHECK (length(starts_on) = 10),
                    ends_on TEXT CHECK (length(ends_on) = 10),
                    language TEXT NOT NULL DEFAULT 'en' CHECK (length(language) BETWEEN 2 AND 20),
                    locale TEXT CHECK (length(locale) BETWEEN 2 AND 20),
                    hours_format TEXT NOT NULL DEFAULT 'decimal' CHECK (hours_format IN ('decimal', 'clock')),
                    CHECK (ends_on IS NULL OR starts_on IS NULL OR starts_on <= ends_on)
                ) STRICT
                SQL,
            'CREATE INDEX people_by_team ON people (team_id)',
            'CREATE INDEX people_by_manager ON people (manager_id)',
            <<<'SQL'
                CREATE TABLE rates (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER REFERENCES people (id),
                    role_id INTEGER REFERENCES roles (id),
                    starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                    cost_rate TEXT NOT NULL,
                    bill_rate TEXT,
                    CHECK (person_id IS NOT NULL OR role_id IS NOT NULL)
                ) STRICT
                SQL,
            'CREATE UNIQUE INDEX rates_key ON rates (coalesce(person_id, 0), coalesce(role_id, 0), starts_on)',
            <<<'SQL'
                CREATE TABLE absences (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    date TEXT NOT NULL CHECK (length(date) = 10),
                    minutes INTEGER CHECK (minutes BETWEEN 0 AND 1440),
                    kind TEXT NOT NULL,
                    UNIQUE (person_id, date, kind)
                ) STRICT
                SQL,
            <<<'SQL'
                CREATE TABLE stand_ins (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    stand_in_id INTEGER NOT NULL REFERENCES people (id),
                    starts_on TEXT NOT NULL CHECK (length(starts_on) = 10),
                    ends_on TEXT NOT NULL CHECK (length(ends_on) = 10),
                    UNIQUE (person_id, stand_in_id, starts_on),
                    CHECK (person_id <> stand_in_id),
                    CHECK (starts_on <= ends_on)
                ) STRICT
                SQL,
            'CREATE INDEX stand_ins_by_stand_in ON stand_ins (stand_in_id, ends_on)',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        DB::statement('PRAGMA foreign_keys = OFF');
        foreach (['stand_ins', 'absences', 'rates', 'people', 'teams', 'roles', 'organisations', 'holidays', 'calendars'] as $table) {
            DB::statement('DROP TABLE IF EXISTS '.$table);
        }
        DB::statement('PRAGMA foreign_keys = ON');
    }
};
