<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_fields', static function (Blueprint $table): void {
            // Fields that the organisation added, what they hold, and of whom they are asked.
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->enum('subject', ['entry', 'task', 'project', 'person']);
            $table->enum('kind', ['text', 'number', 'choice', 'yes-no', 'date']);
            $table->boolean('is_required')->default(false);
            // From which day on it is asked; null for always.
            $table->date('starts_on')->nullable();
            // Of whose people, and on whose projects; null for all.
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('client_id')->nullable()->constrained();
            $table->boolean('is_retired')->default(false);
            $table->unsignedInteger('position')->default(0);
            $table->index(['subject', 'position'], 'own_fields_of_subject');
        });
        Schema::create('own_field_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('own_field_id')->constrained()->cascadeOnDelete();
            $table->string('code', 32);
            $table->text('name');
            $table->unsignedInteger('position')->default(0);
            $table->boolean('is_retired')->default(false);
            $table->unique(['own_field_id', 'code']);
        });
        Schema::create('own_field_values', static function (Blueprint $table): void {
            // What a field holds of one entry, task, project or person; where it holds nothing there is no row.
            $table->id();
            $table->foreignId('own_field_id')->constrained();
            $table->foreignId('entry_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people')->cascadeOnDelete();
            $table->text('value');
            foreach (['entry', 'task', 'project', 'person'] as $subject) {
                $table->key([$subject.'_id', 'own_field_id'], 'own_field_values_of_'.$subject, $subject.'_id is not null');
            }
            $table->index(['own_field_id', 'value'], 'own_field_values_by_value');
            $table->check('(entry_id is not null) + (task_id is not null) + (project_id is not null) + (person_id is not null) = 1');
            $table->check("value <> ''");
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_field_values');
        Schema::dropIfExists('own_field_choices');
        Schema::dropIfExists('own_fields');
    }
};
