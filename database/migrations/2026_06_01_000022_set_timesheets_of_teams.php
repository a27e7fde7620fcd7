<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('teams', static function (Blueprint $table): void {
            // What one timesheet of the team's people covers: week, two_weeks, half_month or month.
            $table->string('timesheet_period', 16)->default('week');
            // The part of a day in which they count their time: half_day or tenth_of_day; null for hours.
            $table->string('counted_in', 16)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('teams', static function (Blueprint $table): void {
            $table->dropColumn(['timesheet_period', 'counted_in']);
        });
    }
};
