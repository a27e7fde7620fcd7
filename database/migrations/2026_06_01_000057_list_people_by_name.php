<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The first of thousands are listed without sorting all of them, and one is found by the name that somebody typed.
        Schema::table('people', static fn (Blueprint $table) => $table->index('name', 'people_by_name'));
    }

    public function down(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->dropIndex('people_by_name'));
    }
};
