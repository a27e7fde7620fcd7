<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('scheduled_settings', static function (Blueprint $table): void {
            // A setting of the organisation that is to hold from a day on; the values as the setting is stored.
            $table->id();
            $table->text('setting');
            $table->date('starts_on');
            $table->json('setting_values');
            $table->foreignId('scheduled_by_id')->constrained('people');
            $table->timestamp('scheduled_at');
            $table->unique(['setting', 'starts_on']);
            $table->index(['starts_on'], 'scheduled_settings_by_day');
        });
        Schema::table('organisations', static function (Blueprint $table): void {
            // Months after the last day of employment after which somebody's data no longer say who they were; null for never.
            $table->unsignedInteger('anonymised_after')->nullable();
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->timestamp('anonymised_at')->nullable();
            // Days between two stretches of employment, as `2026-03-01/2026-05-31`, separated by spaces.
            $table->text('employment_breaks')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn(['anonymised_at', 'employment_breaks']);
        });
        Schema::table('organisations', static function (Blueprint $table): void {
            $table->dropColumn('anonymised_after');
        });
        Schema::drop('scheduled_settings');
    }
};
