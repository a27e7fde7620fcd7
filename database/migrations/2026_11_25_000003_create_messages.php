<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach ([
            // What leaves the application, as it would arrive. The built-in outbox keeps it; other transports send it too.
            <<<'SQL'
                CREATE TABLE outbox_mails (
                    id INTEGER PRIMARY KEY,
                    at TEXT NOT NULL,
                    sender TEXT NOT NULL,
                    recipient TEXT NOT NULL,
                    subject TEXT NOT NULL,
                    html TEXT NOT NULL,
                    text TEXT NOT NULL
                ) STRICT
                SQL,
            'CREATE INDEX outbox_mails_of_recipient ON outbox_mails (recipient, id)',
            // Facts are a JSON object; the wording is made when they are read. The key tells every message once.
            <<<'SQL'
                CREATE TABLE messages (
                    id INTEGER PRIMARY KEY,
                    person_id INTEGER NOT NULL REFERENCES people (id),
                    kind TEXT NOT NULL,
                    at TEXT NOT NULL,
                    text_values TEXT NOT NULL CHECK (json_valid(text_values)),
                    link TEXT NOT NULL DEFAULT '',
                    about TEXT NOT NULL,
                    in_app INTEGER NOT NULL CHECK (in_app IN (0, 1)),
                    by_mail INTEGER NOT NULL CHECK (by_mail IN (0, 1)),
                    read_at TEXT,
                    mailed_at TEXT,
                    UNIQUE (person_id, about)
                ) STRICT
                SQL,
            'CREATE INDEX messages_shown ON messages (person_id, id) WHERE in_app = 1',
            'CREATE INDEX messages_unread ON messages (person_id) WHERE in_app = 1 AND read_at IS NULL',
            'CREATE INDEX messages_to_mail ON messages (person_id) WHERE by_mail = 1 AND mailed_at IS NULL',
            'CREATE INDEX messages_about ON messages (about)',
            "ALTER TABLE people ADD COLUMN messages TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(messages))",
            // The part of which day the person was last mailed in, so that no mail comes twice.
            "ALTER TABLE people ADD COLUMN mailed_in TEXT NOT NULL DEFAULT ''",
            // Days after a week's Sunday by which it is to be submitted.
            'ALTER TABLE organisations ADD COLUMN week_due INTEGER NOT NULL DEFAULT 1 CHECK (week_due BETWEEN 0 AND 14)',
        ] as $statement) {
            DB::statement($statement);
        }
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'messages', 'outbox_mails'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('ALTER TABLE people DROP COLUMN messages');
        DB::statement('ALTER TABLE people DROP COLUMN mailed_in');
        DB::statement('ALTER TABLE organisations DROP COLUMN week_due');
    }
};
