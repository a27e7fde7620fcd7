<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('messages', static function (Blueprint $table): void {
            // The wording is made from the values when they are read. What a message is about tells every message once.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('kind');
            $table->timestamp('at');
            $table->json('text_values');
            $table->text('link')->default('');
            $table->text('about');
            $table->boolean('in_app');
            $table->boolean('by_mail');
            $table->timestamp('read_at')->nullable();
            $table->timestamp('mailed_at')->nullable();
            $table->unique(['person_id', 'about']);
            $table->partialIndex(['person_id', 'id'], 'messages_shown', 'in_app = 1');
            $table->partialIndex(['person_id'], 'messages_unread', 'in_app = 1 and read_at is null');
            $table->partialIndex(['person_id'], 'messages_to_mail', 'by_mail = 1 and mailed_at is null');
            $table->index(['about'], 'messages_about');
        });
        Schema::create('outbox_mails', static function (Blueprint $table): void {
            // What leaves the application, as it would arrive. The built-in outbox keeps it; other transports send it too.
            $table->id();
            $table->timestamp('at');
            $table->text('sender');
            $table->text('recipient');
            $table->text('subject');
            $table->text('html');
            $table->text('text');
            $table->index(['recipient', 'id'], 'outbox_mails_of_recipient');
        });
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
        Schema::dropIfExists('failed_jobs');
        Schema::dropIfExists('jobs');
        Schema::dropIfExists('outbox_mails');
        Schema::dropIfExists('messages');
    }
};
