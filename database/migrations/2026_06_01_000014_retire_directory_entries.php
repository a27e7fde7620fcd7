<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        foreach (['teams', 'roles', 'clients'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                // What is retired is not offered any more; what refers to it goes on doing so.
                $table->boolean('is_retired')->default(false);
            });
        }
        Schema::table('clients', static function (Blueprint $table): void {
            // How the charge codes of the client's tasks are made up, such as `HB-{project}-###`; null where they are free.
            $table->string('charge_code_scheme', 64)->nullable();
        });
        Schema::create('client_contacts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->text('name');
            $table->text('email')->default('');
            $table->text('phone')->default('');
            $table->text('position')->default('');
            $table->unique(['client_id', 'name', 'email']);
            $table->check('length(name) between 1 and 200');
        });
    }

    public function down(): void
    {
        Schema::drop('client_contacts');
        Schema::table('clients', static function (Blueprint $table): void {
            $table->dropColumn('charge_code_scheme');
        });
        foreach (['teams', 'roles', 'clients'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dropColumn('is_retired');
            });
        }
    }
};
