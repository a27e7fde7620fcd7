<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Everybody may record on them, so that everybody's tasks are looked for among them; there are few.
        Schema::table('projects', static fn (Blueprint $table) => $table->partialIndex(['state'], 'projects_internal', 'internal = 1'));
    }

    public function down(): void
    {
        Schema::table('projects', static fn (Blueprint $table) => $table->dropIndex('projects_internal'));
    }
};
