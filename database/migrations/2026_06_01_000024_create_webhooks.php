<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('webhooks', static function (Blueprint $table): void {
            // Which other systems are told of what happens.
            $table->id();
            $table->text('name')->unique();
            $table->text('address');
            $table->json('topics');
            // With what every message is signed, encrypted.
            $table->text('secret');
            $table->boolean('is_paused')->default(false);
            // The last line of the audit trail of which messages have been made.
            $table->unsignedBigInteger('position');
            // How often in a row it did not answer, and until when it is left alone for it.
            $table->unsignedSmallInteger('failures')->default(0);
            $table->timestamp('rests_until')->nullable();
            $table->timestamp('created_at');
        });
        Schema::create('webhook_messages', static function (Blueprint $table): void {
            // What one system is told in one request: events of one subject, in order.
            $table->id();
            $table->foreignId('webhook_id')->constrained()->cascadeOnDelete();
            $table->text('subject');
            $table->unsignedSmallInteger('events');
            $table->text('body');
            $table->text('state');
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->timestamp('created_at');
            $table->timestamp('first_tried_at')->nullable();
            // From when on it is tried again, and when it was received.
            $table->timestamp('due_at');
            $table->timestamp('delivered_at')->nullable();
            $table->index(['webhook_id', 'state', 'subject', 'id'], 'webhook_messages_in_order');
            $table->index(['webhook_id', 'id'], 'webhook_messages_of_webhook');
            $table->index(['created_at'], 'webhook_messages_created');
            $table->check("state IN ('waiting', 'delivered', 'given up')");
        });
        Schema::create('webhook_attempts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('webhook_message_id')->constrained()->cascadeOnDelete();
            $table->timestamp('at');
            $table->unsignedInteger('milliseconds');
            $table->text('signature');
            // What was answered; without an answer, why there is none.
            $table->unsignedSmallInteger('status')->nullable();
            $table->text('failure')->default('');
            $table->text('answer')->default('');
            $table->index(['webhook_message_id'], 'webhook_attempts_of_message');
        });
    }

    public function down(): void
    {
        Schema::drop('webhook_attempts');
        Schema::drop('webhook_messages');
        Schema::drop('webhooks');
    }
};
