<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('audit_trail', static function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at');
            $table->foreignId('actor_id')->nullable()->constrained('people');
            $table->foreignId('on_behalf_of_id')->nullable()->constrained('people');
            $table->text('act');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('task_id')->nullable()->constrained();
            $table->text('date')->nullable();
            $table->text('before')->nullable();
            $table->text('after')->nullable();
            $table->text('why')->default('');
            // What an act was on, its name where it is no entry, and the hash that links each line to the one before.
            $table->text('subject')->default('entry');
            $table->text('name')->default('');
            $table->text('hash')->default('');
            $table->index(['person_id', 'date', 'task_id'], 'audit_trail_of_entry');
            $table->index(['subject', 'id'], 'audit_trail_of_subject');
            $table->index(['task_id', 'id'], 'audit_trail_of_task');
            $table->index(['at'], 'audit_trail_at');
            $table->keepRows('audit_trail_lines', 'The audit trail is append-only');
        });
        Schema::create('audit_trail_heads', static function (Blueprint $table): void {
            // How far the audit trail goes, under a seal.
            $table->id();
            $table->unsignedInteger('lines');
            $table->text('hash');
            $table->text('seal');
            $table->check('id = 1');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('audit_trail_heads');
        Schema::dropIfExists('audit_trail');
    }
};
