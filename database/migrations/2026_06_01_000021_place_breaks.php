<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('placed_day_spans', static function (Blueprint $table): void {
            // From when to when a person worked on a day, in minutes after its midnight; a night shift ends on the next day.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('starts_at');
            $table->integer('ends_at');
            // Breaks of which no times are known, and those of which they are, as pairs of minutes.
            $table->unsignedInteger('break_minutes')->default(0);
            $table->json('breaks')->default('[]');
            $table->unique(['person_id', 'date'], 'day_spans_of_person');
            $table->check('starts_at between 0 and 1439');
            $table->check('ends_at between 1 and 2880');
            $table->check('ends_at - starts_at between 1 and 1440');
            $table->check('ends_at - starts_at > break_minutes');
        });
        DB::table('placed_day_spans')->insertUsing(['id', 'person_id', 'date', 'starts_at', 'ends_at', 'break_minutes'], DB::table('day_spans')->select('id', 'person_id', 'date', 'starts_at', 'ends_at', 'break_minutes'));
        Schema::drop('day_spans');
        Schema::rename('placed_day_spans', 'day_spans');
    }

    public function down(): void
    {
        Schema::create('unplaced_day_spans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('starts_at');
            $table->integer('ends_at');
            $table->unsignedInteger('break_minutes')->default(0);
            $table->unique(['person_id', 'date']);
            $table->check('starts_at between 0 and 1439');
            $table->check('ends_at between 1 and 1440');
            $table->check('ends_at - starts_at > break_minutes');
        });
        DB::table('unplaced_day_spans')->insertUsing(['id', 'person_id', 'date', 'starts_at', 'ends_at', 'break_minutes'], DB::table('day_spans')->where('ends_at', '<=', 1440)->select('id', 'person_id', 'date', 'starts_at', 'ends_at', 'break_minutes'));
        Schema::drop('day_spans');
        Schema::rename('unplaced_day_spans', 'day_spans');
    }
};
