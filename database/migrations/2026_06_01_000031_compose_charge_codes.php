<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('clients', static function (Blueprint $table): void {
            // What stands between the parts of its charge codes.
            $table->string('charge_code_separator', 1)->nullable();
        });
        Schema::create('charge_code_parts', static function (Blueprint $table): void {
            // The parts of a client's charge codes, from 1 on in their order.
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->text('name');
            $table->unique(['client_id', 'number']);
        });
        Schema::create('charge_code_values', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id');
            $table->unsignedInteger('number');
            $table->string('code', 16);
            $table->text('name');
            $table->boolean('is_retired')->default(false);
            $table->unique(['client_id', 'number', 'code']);
            $table->foreign(['client_id', 'number'])->references(['client_id', 'number'])->on('charge_code_parts')->cascadeOnDelete();
        });
        Schema::create('charge_code_combinations', static function (Blueprint $table): void {
            // Codes that go together, one for each part and a star for any; all do where there is no row.
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->text('codes');
            $table->unique(['client_id', 'codes']);
        });
        Schema::table('entries', static function (Blueprint $table): void {
            // Its own charge code; null where that of its task holds.
            $table->text('charge_code')->nullable();
            $table->partialIndex(['date', 'charge_code'], 'entries_with_charge_code', 'charge_code is not null');
        });
        Schema::create('line_charge_codes', static function (Blueprint $table): void {
            // The charge code that somebody chose for a line; what is recorded there gets it.
            $table->id();
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->text('charge_code');
            $table->key(['person_id', 'task_id', 'role_id' => 0], 'line_charge_codes_key');
            $table->index(['task_id'], 'line_charge_codes_of_task');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('line_charge_codes');
        Schema::table('entries', static function (Blueprint $table): void {
            $table->dropIndex('entries_with_charge_code');
            $table->dropColumn('charge_code');
        });
        Schema::dropIfExists('charge_code_combinations');
        Schema::dropIfExists('charge_code_values');
        Schema::dropIfExists('charge_code_parts');
        Schema::table('clients', static function (Blueprint $table): void {
            $table->dropColumn('charge_code_separator');
        });
    }
};
