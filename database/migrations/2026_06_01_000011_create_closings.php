<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('closings', static function (Blueprint $table): void {
            // Each time that a period was closed, also one that was opened again.
            $table->id();
            $table->date('closed_until');
            $table->timestamp('closed_at');
            $table->foreignId('closed_by_id')->constrained('people');
        });
        Schema::create('reported_figures', static function (Blueprint $table): void {
            // What each project came to when a period was closed; never changed after it.
            $table->foreignId('closing_id')->constrained();
            $table->foreignId('project_id')->constrained();
            foreach (['planned_minutes', 'actual_minutes', 'pending_minutes', 'remaining_minutes', 'actual_cents', 'actual_unrated', 'budget_cents'] as $figure) {
                $table->integer($figure);
            }
            $table->primary(['closing_id', 'project_id']);
            $table->clustered();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reported_figures');
        Schema::dropIfExists('closings');
    }
};
