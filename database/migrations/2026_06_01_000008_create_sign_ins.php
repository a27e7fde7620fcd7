<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sign_ins', static function (Blueprint $table): void {
            // The browsers in which people are signed in. Only hashes are stored: of the key that the session holds, and of the
            // password that was valid at sign-in.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->char('key_hash', 64)->unique();
            $table->char('password_hash', 64);
            $table->timestamp('started_at');
            $table->index(['person_id', 'started_at'], 'sign_ins_of_person');
        });
        Schema::create('used_links', static function (Blueprint $table): void {
            // Links of day reminders that have been used: a link records a day once.
            $table->char('signature', 64)->primary();
            $table->foreignId('person_id')->constrained('people');
            $table->timestamp('used_at');
            $table->clustered();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('used_links');
        Schema::dropIfExists('sign_ins');
    }
};
