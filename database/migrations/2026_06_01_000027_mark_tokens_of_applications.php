<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('access_tokens', static function (Blueprint $table): void {
            // An application's, for which whoever it names answers; else a person's own.
            $table->boolean('is_application')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('access_tokens', static fn (Blueprint $table) => $table->dropColumn('is_application'));
    }
};
