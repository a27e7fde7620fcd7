<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Roles are listed with how many people have them, and what a role's rate changes is looked for by it.
        Schema::table('people', static fn (Blueprint $table) => $table->index('role_id', 'people_by_role'));
    }

    public function down(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->dropIndex('people_by_role'));
    }
};
