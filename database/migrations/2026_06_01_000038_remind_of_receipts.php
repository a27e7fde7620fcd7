<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            // How often somebody is reminded of receipts that wait to be confirmed.
            $table->enum('receipt_reminder', ['never', 'daily', 'weekly'])->default('daily');
        });
    }

    public function down(): void
    {
        Schema::table('people', static function (Blueprint $table): void {
            $table->dropColumn('receipt_reminder');
        });
    }
};
