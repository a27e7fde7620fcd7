<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('currencies', static function (Blueprint $table): void {
            // Currencies besides the organisation's own; amounts have so many places, and are rounded to the smallest coin.
            $table->id();
            $table->char('code', 3)->unique();
            $table->unsignedTinyInteger('places')->default(2);
            $table->unsignedInteger('step')->default(1);
            $table->check('places <= 3 and step >= 1');
        });
        Schema::create('exchange_rates', static function (Blueprint $table): void {
            // What one unit is worth in the organisation's currency from a day on, as a decimal.
            $table->id();
            $table->foreignId('currency_id')->constrained()->cascadeOnDelete();
            $table->date('starts_on');
            $table->text('rate');
            $table->unique(['currency_id', 'starts_on']);
        });
        Schema::create('expense_categories', static function (Blueprint $table): void {
            $table->id();
            $table->text('code')->unique();
            $table->text('name');
            $table->boolean('active')->default(true);
            $table->boolean('mileage')->default(false);
            // Whether the organisation gets the tax back, so that the project bears the net amount.
            $table->boolean('reclaims_tax')->default(true);
            $table->boolean('charged')->default(false);
            // Rate and share in hundredths of a percent, `[[700, 7000], [1900, 3000]]`; shares make up the whole.
            $table->json('tax_shares');
            $table->integer('limit_cents')->nullable();
            $table->enum('limit_per', ['expense', 'day'])->default('expense');
            $table->check('limit_cents is null or limit_cents >= 0');
        });
        Schema::create('expense_category_teams', static function (Blueprint $table): void {
            // Who may use a category; without any, everybody.
            $table->id();
            $table->foreignId('expense_category_id')->constrained()->cascadeOnDelete();
            $table->foreignId('team_id')->constrained();
            $table->unique(['expense_category_id', 'team_id'], 'expense_category_teams_key');
            $table->index(['team_id'], 'expense_category_teams_of_team');
        });
        Schema::create('mileage_rates', static function (Blueprint $table): void {
            // Money per kilometre from a day on, as a decimal.
            $table->id();
            $table->foreignId('expense_category_id')->constrained()->cascadeOnDelete();
            $table->date('starts_on');
            $table->text('rate');
            $table->unique(['expense_category_id', 'starts_on'], 'mileage_rates_key');
        });
        Schema::create('trips', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('name');
            $table->unique(['person_id', 'name']);
        });
        Schema::create('expenses', static function (Blueprint $table): void {
            $table->id();
            // By which files and other systems know it: whose it is, its first day, and a number.
            $table->string('code', 80)->unique();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->foreignId('expense_category_id')->constrained();
            $table->foreignId('trip_id')->nullable()->constrained()->nullOnDelete();
            $table->date('date');
            // In minor units of the currency; null for the organisation's own.
            $table->foreignId('currency_id')->nullable()->constrained();
            $table->integer('gross_minor');
            $table->integer('tax_minor')->default(0);
            $table->text('exchange_rate')->default('1');
            // In cents of the organisation's currency: gross, and what the project bears.
            $table->integer('gross_cents');
            $table->integer('cost_cents');
            $table->boolean('charged')->default(false);
            // Whether the person paid, and is paid back.
            $table->boolean('own_money')->default(true);
            $table->unsignedInteger('distance_tenths')->nullable();
            $table->text('mileage_rate')->nullable();
            $table->text('from_place')->default('');
            $table->text('to_place')->default('');
            $table->text('note')->default('');
            $table->text('client_note')->default('');
            // What the person says to what the house rules found.
            $table->text('explanation')->default('');
            $table->enum('state', ['draft', 'submitted', 'approved', 'returned', 'settled'])->default('draft');
            $table->foreignId('approver_id')->nullable()->constrained('people');
            $table->unsignedInteger('approvals')->default(0);
            $table->foreignId('last_decided_by_id')->nullable()->constrained('people');
            $table->text('return_comment')->nullable();
            $table->foreignId('recorded_by_id')->nullable()->constrained('people');
            $table->integer('version')->default(1);
            $table->boolean('needs_attention')->default(false);
            // What it takes the place of once it is approved; a reversal takes away what it was.
            $table->foreignId('corrects_id')->nullable()->constrained('expenses');
            $table->boolean('reverses')->default(false);
            $table->index(['person_id', 'date'], 'expenses_of_person');
            $table->index(['task_id', 'state', 'cost_cents', 'date'], 'expenses_of_task');
            $table->index(['date', 'state'], 'expenses_of_day');
            $table->index(['trip_id'], 'expenses_of_trip');
            $table->index(['corrects_id'], 'expenses_correcting');
            $table->partialIndex(['approver_id', 'person_id', 'date'], 'expenses_waiting', "state = 'submitted'");
            $table->check('(distance_tenths is null) = (mileage_rate is null)');
            $table->check('corrects_id is not null or not reverses');
            $table->keepRows('settled_expenses', 'settled expenses cannot be changed', which: ['state' => 'settled'], key: ['id']);
        });
        Schema::create('receipts', static function (Blueprint $table): void {
            // A receipt that somebody has added, and what was read from it; without an expense, it waits for one.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('expense_id')->nullable()->constrained()->nullOnDelete();
            // Its name in the folder of receipts, and that under which it came.
            $table->text('file')->unique();
            $table->text('name');
            $table->text('media_type');
            $table->unsignedInteger('bytes');
            $table->char('digest', 64);
            $table->enum('state', ['unread', 'read'])->default('unread');
            $table->json('reading')->default('{}');
            $table->boolean('mailed')->default(false);
            $table->timestamp('received_at');
            $table->unique(['person_id', 'digest']);
            $table->index(['person_id', 'expense_id'], 'receipts_waiting');
            $table->index(['expense_id'], 'receipts_of_expense');
            $table->index(['digest'], 'receipts_of_content');
        });
    }

    public function down(): void
    {
        foreach (['receipts', 'expenses', 'trips', 'mileage_rates', 'expense_category_teams', 'expense_categories', 'exchange_rates', 'currencies'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
