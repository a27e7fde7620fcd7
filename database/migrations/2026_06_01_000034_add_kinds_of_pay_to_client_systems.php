<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('client_systems', static function (Blueprint $table): void {
            // Empty where it does not tell kinds of pay apart; and what it calls each kind, where that is not our name.
            $table->text('pay_kind_heading')->default('');
            $table->text('pay_kind_names')->default('{}');
        });
        Schema::table('client_system_days', static function (Blueprint $table): void {
            $table->dropUnique(['client_system_person_id', 'date', 'charge_code']);
            $table->text('pay_kind')->default('');
            $table->unique(['client_system_person_id', 'date', 'charge_code', 'pay_kind'], 'client_system_days_key');
        });
    }

    public function down(): void
    {
        Schema::table('client_system_days', static function (Blueprint $table): void {
            $table->dropUnique('client_system_days_key');
            $table->dropColumn('pay_kind');
            $table->unique(['client_system_person_id', 'date', 'charge_code']);
        });
        Schema::table('client_systems', static function (Blueprint $table): void {
            $table->dropColumn(['pay_kind_heading', 'pay_kind_names']);
        });
    }
};
