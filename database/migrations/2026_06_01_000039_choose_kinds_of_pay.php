<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a rule itself makes of time. */
    private const KINDS = ['regular', 'overtime', 'double', 'night', 'sunday', 'holiday'];

    /** Kinds whose minutes may cost more or less than regular ones. */
    private const WITH_COST = ['overtime', 'double', 'night', 'sunday', 'holiday'];

    public function up(): void
    {
        Schema::create('pay_premiums', static function (Blueprint $table): void {
            // Kinds of pay that people choose for their time themselves, such as stand-by.
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->boolean('active')->default(true);
            // Whether its minutes count towards the thresholds of pay rules.
            $table->boolean('is_work')->default(false);
            $table->unsignedInteger('cost_percent')->default(100);
        });
        Schema::create('pay_premium_teams', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pay_premium_id')->constrained('pay_premiums')->cascadeOnDelete();
            $table->foreignId('team_id')->constrained();
            $table->unique(['pay_premium_id', 'team_id']);
            $table->index(['team_id'], 'pay_premium_teams_of_team');
        });
        Schema::create('pay_premium_people', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pay_premium_id')->constrained('pay_premiums')->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->unique(['pay_premium_id', 'person_id']);
            $table->index(['person_id'], 'pay_premium_people_of_person');
        });
        Schema::table('pay_rules', static function (Blueprint $table): void {
            $table->boolean('seventh_across_weeks')->default(false);
            foreach (self::WITH_COST as $kind) {
                $table->unsignedInteger($kind.'_cost_percent')->default(100);
            }
        });
        Schema::create('entry_pay_choices', static function (Blueprint $table): void {
            // Minutes of an entry that whoever recorded it asked to be of a kind; none of a kind as 0, of a correction below 0.
            $table->id();
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['overtime', 'double', 'premium']);
            $table->foreignId('pay_premium_id')->nullable()->constrained('pay_premiums');
            $table->integer('minutes');
            $table->key(['entry_id', 'kind', 'pay_premium_id' => 0], 'entry_pay_choices_key');
            $table->index(['pay_premium_id'], 'entry_pay_choices_of_premium');
            $table->check("(kind = 'premium') = (pay_premium_id is not null)");
        });
        $this->rebuild(static function (Blueprint $table): void {
            $table->enum('kind', [...self::KINDS, 'premium']);
            $table->foreignId('pay_premium_id')->nullable()->constrained('pay_premiums');
            $table->integer('minutes');
            // What a minute costs, of what a regular one costs.
            $table->unsignedInteger('cost_percent')->default(100);
            $table->check("(kind = 'premium') = (pay_premium_id is not null)");
        });
        Schema::table('entry_pay_kinds', static function (Blueprint $table): void {
            $table->key(['entry_id', 'kind', 'pay_premium_id' => 0], 'entry_pay_kinds_key');
            $table->index(['pay_premium_id'], 'entry_pay_kinds_of_premium');
        });
    }

    public function down(): void
    {
        DB::table('entry_pay_kinds')->where('kind', 'premium')->delete();
        $this->rebuild(static function (Blueprint $table): void {
            $table->enum('kind', self::KINDS);
            $table->integer('minutes');
        });
        Schema::table('entry_pay_kinds', static function (Blueprint $table): void {
            $table->unique(['entry_id', 'kind']);
        });
        Schema::table('pay_rules', static function (Blueprint $table): void {
            $table->dropColumn(['seventh_across_weeks', ...array_map(static fn (string $kind): string => $kind.'_cost_percent', self::WITH_COST)]);
        });
        foreach (['entry_pay_choices', 'pay_premium_people', 'pay_premium_teams', 'pay_premiums'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    /**
     * What a row must fulfil can only be said when its table is created, so the table is made anew.
     *
     * @param  Closure(Blueprint): void  $columns
     */
    private function rebuild(Closure $columns): void
    {
        Schema::create('new_entry_pay_kinds', static function (Blueprint $table) use ($columns): void {
            // What an entry was paid as when it was approved. Where it has been corrected since, these no longer add up to it, and do not hold.
            $table->id();
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $columns($table);
            $table->check('minutes <> 0');
        });
        DB::table('new_entry_pay_kinds')->insertUsing(['id', 'entry_id', 'kind', 'minutes'], DB::table('entry_pay_kinds')->select('id', 'entry_id', 'kind', 'minutes'));
        Schema::drop('entry_pay_kinds');
        Schema::rename('new_entry_pay_kinds', 'entry_pay_kinds');
    }
};
