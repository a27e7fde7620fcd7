<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('file_transfers', static function (Blueprint $table): void {
            // Imports and exports of files in the browser. Their files lie in a folder of their own, outside the web root.
            $table->id();
            $table->enum('kind', ['import', 'export']);
            $table->enum('state', ['waiting', 'checking', 'checked', 'refused', 'queued', 'running', 'done', 'failed', 'taken back'])->default('waiting');
            $table->foreignId('person_id')->constrained('people');
            $table->timestamp('begun_at');
            $table->timestamp('finished_at')->nullable();
            // What was chosen: files, a period, whether the plan is replaced.
            $table->json('options')->default('{}');
            // What came of it, by file.
            $table->json('report')->default('{}');
            $table->text('problem')->default('');
            $table->index(['kind', 'id'], 'file_transfers_by_kind');
        });
    }

    public function down(): void
    {
        Schema::drop('file_transfers');
    }
};
