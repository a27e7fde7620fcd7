<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('appointment_calendars', static function (Blueprint $table): void {
            // Where a person's appointments come from: an address that is asked again and again, or a file given once.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('name');
            $table->text('address')->nullable();
            // Whether titles become the notes of what is pencilled.
            $table->boolean('notes_titles')->default(false);
            $table->text('version')->default('');
            $table->timestamp('asked_at')->nullable();
            $table->timestamp('read_at')->nullable();
            $table->text('failure')->default('');
            $table->index(['person_id'], 'appointment_calendars_of_person');
            $table->partialIndex(['asked_at'], 'appointment_calendars_to_ask', 'address is not null');
            $table->check('length(name) between 1 and 100');
        });
        Schema::create('appointments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('appointment_calendar_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            // The same for the same time of the same appointment, whatever is fetched again.
            $table->text('uid');
            $table->text('series');
            $table->text('title');
            $table->boolean('is_private')->default(false);
            $table->timestamp('starts_at');
            $table->timestamp('ends_at');
            $table->boolean('is_all_day')->default(false);
            $table->json('guests');
            $table->boolean('is_left_out')->default(false);
            $table->unique(['appointment_calendar_id', 'uid']);
            $table->index(['person_id', 'starts_at'], 'appointments_of_person');
            $table->check('ends_at >= starts_at');
        });
        Schema::create('left_out_series', static function (Blueprint $table): void {
            // Appointments that a person never wants pencilled.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('series');
            $table->text('title');
            $table->unique(['person_id', 'series']);
        });
        Schema::table('stretches', static function (Blueprint $table): void {
            // The appointment that it came of, why its task was guessed, and whether the person put it there.
            $table->unsignedBigInteger('appointment_id')->nullable();
            $table->text('why')->default('');
            $table->boolean('is_chosen')->default(false);
            $table->boolean('billable')->nullable();
            $table->index(['appointment_id'], 'stretches_of_appointment');
        });
        Schema::create('time_feeds', static function (Blueprint $table): void {
            // The private address at which a person's recorded time can be had as a calendar; only its hash is stored.
            $table->foreignId('person_id')->primary()->constrained('people');
            $table->text('token_hash')->unique();
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::table('stretches', static function (Blueprint $table): void {
            $table->dropIndex('stretches_of_appointment');
        });
        foreach (['appointment_id', 'why', 'is_chosen', 'billable'] as $column) {
            Schema::table('stretches', static function (Blueprint $table) use ($column): void {
                $table->dropColumn($column);
            });
        }
        foreach (['time_feeds', 'left_out_series', 'appointments', 'appointment_calendars'] as $table) {
            Schema::drop($table);
        }
    }
};
