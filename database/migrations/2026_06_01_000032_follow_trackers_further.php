<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tracker_tasks', static function (Blueprint $table): void {
            // Who was put on the task here because they were there.
            $table->json('assigned')->default('[]');
        });
        Schema::table('tracker_times', static function (Blueprint $table): void {
            // The text as it stands in the note of the entry.
            $table->text('text_noted')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('tracker_tasks', static fn (Blueprint $table) => $table->dropColumn('assigned'));
        Schema::table('tracker_times', static fn (Blueprint $table) => $table->dropColumn('text_noted'));
    }
};
