<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('task_schedules', static function (Blueprint $table): void {
            // What scheduling programs say of a task besides its days and hours.
            $table->id();
            $table->foreignId('task_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('wbs')->default('');
            $table->boolean('is_milestone')->default(false);
        });
        Schema::create('task_dependencies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('predecessor_id')->constrained('tasks')->cascadeOnDelete();
            $table->enum('kind', ['FS', 'SS', 'FF', 'SF']);
            $table->integer('lag');
            $table->unique(['task_id', 'predecessor_id']);
            $table->index(['predecessor_id'], 'task_dependencies_of_predecessor');
            $table->check('task_id <> predecessor_id');
        });
        Schema::create('schedule_files', static function (Blueprint $table): void {
            // The file that is being compared with the plan of a project.
            $table->id();
            $table->foreignId('project_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->text('name');
            $table->json('rows');
            $table->timestamp('received_at');
        });
    }

    public function down(): void
    {
        Schema::drop('schedule_files');
        Schema::drop('task_dependencies');
        Schema::drop('task_schedules');
    }
};
