<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Days are `YYYY-MM-DD`, instants are UTC, durations whole minutes, money whole cents, rates exact decimals as text.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('calendars', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->check('length(code) between 1 and 32');
        });
        Schema::create('holidays', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('calendar_id')->constrained();
            $table->date('date');
            $table->text('name');
            $table->text('part')->default('1');
            $table->unique(['calendar_id', 'date']);
            $table->check('cast(part as real) between 0 and 1');
        });
        Schema::create('organisations', static function (Blueprint $table): void {
            $table->id();
            $table->text('name')->default('Moss Week');
            $table->text('currency')->default('EUR');
            $table->text('pattern')->default('8 8 8 8 8 0 0');
            $table->foreignId('calendar_id')->nullable()->constrained();
            $table->integer('entry_step')->nullable();
            $table->enum('approval', ['none', 'project', 'line', 'project+line'])->default('project');
            $table->boolean('self_approve')->default(false);
            // How remaining estimates take effect where a project has no other way.
            $table->enum('estimate_mode', ['immediate', 'notify', 'approve'])->default('notify');
            // Minutes by which a remaining estimate may differ from the calculated remaining minutes before it needs a reason.
            $table->unsignedInteger('estimate_tolerance')->default(240);
            // The last day of the closed period; null where none is closed.
            $table->date('closed_until')->nullable();
            // Days after a week's Sunday by which it is to be submitted.
            $table->integer('week_due')->default(1);
            // Whether people see what their own time brings in.
            $table->boolean('shows_bill_value')->default(false);
            $table->check('id = 1');
            $table->check('entry_step between 1 and 1440');
            $table->check('week_due between 0 and 14');
        });
        DB::table('organisations')->insert(['id' => 1]);
        Schema::create('roles', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->check('length(code) between 1 and 32');
        });
        Schema::create('teams', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->foreignId('lead_id')->nullable()->constrained('people');
            $table->check('length(code) between 1 and 32');
        });
        Schema::create('people', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->text('email')->collation('nocase')->unique();
            $table->text('password')->nullable();
            $table->text('remember_token')->nullable();
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('manager_id')->nullable()->constrained('people');
            $table->enum('access', ['member', 'manager', 'office', 'viewer'])->default('member');
            $table->foreignId('role_id')->nullable()->constrained();
            $table->foreignId('calendar_id')->nullable()->constrained();
            $table->text('pattern')->nullable();
            $table->text('timezone')->nullable();
            $table->date('starts_on')->nullable();
            $table->date('ends_on')->nullable();
            // From this instant on the person can no longer sign in; null while they can.
            $table->timestamp('disabled_at')->nullable();
            // Whether somebody besides the office sees what hours cost on the projects that they manage, and so what people cost.
            $table->boolean('sees_cost')->default(false);
            $table->string('language', 20)->default('en');
            $table->string('locale', 20)->nullable();
            $table->enum('hours_format', ['decimal', 'clock'])->default('decimal');
            // What a person wants pencilled, and in which order they keep their lines: preferences, never part of an account.
            $table->boolean('pencil_plan')->default(true);
            $table->enum('pencil_last_week', ['off', 'lines', 'hours'])->default('off');
            $table->boolean('pencil_usual_week')->default(true);
            // Whether they have been told once what pencil and ink are.
            $table->boolean('knows_pencil')->default(false);
            $table->json('arrangement')->default('{}');
            $table->json('messages')->default('{}');
            // The part of which day the person was last mailed in, so that no mail comes twice.
            $table->text('mailed_in')->default('');
            $table->index(['team_id'], 'people_by_team');
            $table->index(['manager_id'], 'people_by_manager');
            $table->check('length(code) between 1 and 32');
            $table->check('length(language) between 2 and 20');
            $table->check('length(locale) between 2 and 20');
            $table->check('ends_on is null or starts_on is null or starts_on <= ends_on');
        });
        Schema::create('rates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('starts_on');
            $table->text('cost_rate');
            $table->text('bill_rate')->nullable();
            $table->key(['person_id' => 0, 'role_id' => 0, 'starts_on'], 'rates_key');
            $table->check('person_id is not null or role_id is not null');
        });
        Schema::create('absences', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('minutes')->nullable();
            $table->text('kind');
            $table->unique(['person_id', 'date', 'kind']);
            $table->check('minutes between 0 and 1440');
        });
        Schema::create('stand_ins', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('stand_in_id')->constrained('people');
            $table->date('starts_on');
            $table->date('ends_on');
            $table->unique(['person_id', 'stand_in_id', 'starts_on']);
            $table->index(['stand_in_id', 'ends_on'], 'stand_ins_by_stand_in');
            $table->check('person_id <> stand_in_id');
            $table->check('starts_on <= ends_on');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stand_ins');
        Schema::dropIfExists('absences');
        Schema::dropIfExists('rates');
        Schema::dropIfExists('people');
        Schema::dropIfExists('teams');
        Schema::dropIfExists('roles');
        Schema::dropIfExists('organisations');
        Schema::dropIfExists('holidays');
        Schema::dropIfExists('calendars');
    }
};
