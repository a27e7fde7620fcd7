<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pay_rules', static function (Blueprint $table): void {
            // From when on time is not regular: for everybody, a team or a person, from the week of a day on.
            $table->id();
            $table->date('starts_on')->nullable();
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->unsignedInteger('daily_over')->nullable();
            $table->unsignedInteger('daily_double_over')->nullable();
            $table->unsignedInteger('weekly_over')->nullable();
            $table->boolean('seventh_day')->default(false);
            $table->unsignedInteger('seventh_double_over')->nullable();
            $table->boolean('sundays')->default(false);
            $table->boolean('holidays')->default(false);
            // The night by the clock, in minutes after midnight; null where nights are not told apart.
            $table->unsignedInteger('night_starts_at')->nullable();
            $table->unsignedInteger('night_ends_at')->nullable();
            $table->enum('falls_on', ['last', 'day', 'week'])->default('day');
            $table->key(['starts_on' => '', 'team_id' => 0, 'person_id' => 0], 'pay_rules_key');
            $table->index(['team_id'], 'pay_rules_of_team');
            $table->index(['person_id'], 'pay_rules_of_person');
            $table->check('team_id is null or person_id is null');
            $table->check('(night_starts_at is null) = (night_ends_at is null)');
        });
        Schema::create('entry_pay_kinds', static function (Blueprint $table): void {
            // What an entry was paid as when it was approved. Where it has been corrected since, these no longer add up to it, and do not hold.
            $table->id();
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['regular', 'overtime', 'double', 'night', 'sunday', 'holiday']);
            $table->integer('minutes');
            $table->unique(['entry_id', 'kind']);
            $table->check('minutes <> 0');
        });
        Schema::table('billing_lines', static function (Blueprint $table): void {
            // Payroll has a line for each kind of an entry.
            $table->dropUnique(['entry_id', 'kind']);
            $table->text('pay_kind')->default('regular');
            $table->unique(['entry_id', 'kind', 'pay_kind']);
        });
    }

    public function down(): void
    {
        Schema::table('billing_lines', static function (Blueprint $table): void {
            $table->dropUnique(['entry_id', 'kind', 'pay_kind']);
            $table->dropColumn('pay_kind');
            $table->unique(['entry_id', 'kind']);
        });
        Schema::dropIfExists('entry_pay_kinds');
        Schema::dropIfExists('pay_rules');
    }
};
