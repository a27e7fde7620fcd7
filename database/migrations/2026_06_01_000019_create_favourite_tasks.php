<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('favourite_tasks', static function (Blueprint $table): void {
            // Tasks that a person has pinned, in the role in which they record on them.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->key(['person_id', 'task_id', 'role_id' => 0], 'favourite_tasks_key');
            $table->index(['task_id'], 'favourite_tasks_of_task');
            $table->index(['role_id'], 'favourite_tasks_by_role');
        });
    }

    public function down(): void
    {
        Schema::drop('favourite_tasks');
    }
};
