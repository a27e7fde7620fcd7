<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('audit_trail', static function (Blueprint $table): void {
            $table->dropIndex('audit_trail_of_subject');
            // Most lines are on recorded time, and nobody looks for those by that.
            $table->partialIndex(['subject', 'id'], 'audit_trail_of_subject', "subject <> 'entry'");
        });
    }

    public function down(): void
    {
        Schema::table('audit_trail', static function (Blueprint $table): void {
            $table->dropIndex('audit_trail_of_subject');
            $table->index(['subject', 'id'], 'audit_trail_of_subject');
        });
    }
};
