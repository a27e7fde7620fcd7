<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('client_systems', static function (Blueprint $table): void {
            // Where a client has the same hours entered in a system of its own, and how its export is read.
            $table->id();
            $table->foreignId('client_id')->unique()->constrained();
            $table->text('name');
            // From which day on both must agree.
            $table->text('starts_on');
            $table->enum('person_by', ['code', 'email', 'name']);
            $table->text('person_heading');
            $table->text('date_heading');
            $table->text('hours_heading');
            // Empty where it does not tell charge codes apart.
            $table->text('charge_code_heading')->default('');
            $table->timestamp('read_at')->nullable();
        });
        Schema::create('client_system_people', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_system_id')->constrained()->cascadeOnDelete();
            // What the export calls somebody, and who that is; null while nobody knows.
            $table->text('called');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->unique(['client_system_id', 'called']);
            $table->unique(['client_system_id', 'person_id']);
        });
        Schema::create('client_system_days', static function (Blueprint $table): void {
            // What the other system has, as it was last read.
            $table->id();
            $table->foreignId('client_system_person_id')->constrained('client_system_people')->cascadeOnDelete();
            $table->text('date');
            $table->text('charge_code')->default('');
            $table->unsignedInteger('minutes');
            $table->unique(['client_system_person_id', 'date', 'charge_code']);
        });
        Schema::create('client_system_weeks', static function (Blueprint $table): void {
            // Weeks of people in which the two do not agree; they are not billed until they do.
            $table->id();
            $table->foreignId('client_system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->text('monday');
            $table->text('sunday');
            $table->unsignedSmallInteger('days');
            $table->unique(['client_system_id', 'person_id', 'monday']);
            $table->index(['person_id', 'monday'], 'client_system_weeks_of_person');
        });
    }

    public function down(): void
    {
        foreach (['client_system_weeks', 'client_system_days', 'client_system_people', 'client_systems'] as $table) {
            Schema::drop($table);
        }
    }
};
