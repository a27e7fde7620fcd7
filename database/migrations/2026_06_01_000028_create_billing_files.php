<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('billing_mappings', static function (Blueprint $table): void {
            // How files for another program are made up: which columns, under which headings.
            $table->id();
            $table->enum('kind', ['bill', 'payroll']);
            $table->text('name');
            $table->enum('detail', ['entry', 'task', 'project', 'person']);
            $table->json('columns');
            $table->unique(['kind', 'name']);
        });
        Schema::create('billing_files', static function (Blueprint $table): void {
            // What was billed, or handed to payroll, in one go; it never changes once it is done.
            $table->id();
            $table->enum('kind', ['bill', 'payroll']);
            $table->foreignId('client_id')->nullable()->constrained();
            $table->text('starts_on');
            $table->text('ends_on');
            $table->enum('state', ['settling', 'done'])->default('settling');
            $table->foreignId('made_by_id')->constrained('people');
            $table->timestamp('made_at');
            $table->integer('minutes')->default(0);
            $table->integer('amount_cents')->default(0);
            $table->integer('unrated_minutes')->default(0);
            $table->index(['kind', 'ends_on'], 'billing_files_by_day');
        });
        Schema::create('billing_lines', static function (Blueprint $table): void {
            // An entry in a file, as it was then. Each is billed once, and paid once.
            $table->id();
            $table->foreignId('billing_file_id')->constrained();
            $table->enum('kind', ['bill', 'payroll']);
            $table->foreignId('entry_id')->constrained();
            $table->boolean('is_correction');
            $table->integer('minutes');
            $table->text('rate')->nullable();
            $table->integer('amount_cents')->nullable();
            $table->unique(['entry_id', 'kind']);
            $table->index(['billing_file_id'], 'billing_lines_of_file');
        });
    }

    public function down(): void
    {
        foreach (['billing_lines', 'billing_files', 'billing_mappings'] as $table) {
            Schema::drop($table);
        }
    }
};
