<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('access_tokens', static function (Blueprint $table): void {
            // With what programs ask in the name of somebody; of the token itself only a hash is kept.
            $table->id();
            $table->string('tokenable_type', 32);
            $table->unsignedBigInteger('tokenable_id');
            $table->text('name');
            $table->string('token', 64)->unique();
            $table->json('abilities');
            $table->string('last_used_at', 20)->nullable();
            $table->string('expires_at', 20);
            $table->string('created_at', 20);
            $table->string('updated_at', 20);
            $table->index(['tokenable_type', 'tokenable_id']);
        });
        Schema::create('idempotency_keys', static function (Blueprint $table): void {
            // What was answered to a request that says under which key it may be repeated; kept for a day.
            $table->id();
            $table->foreignId('access_token_id')->constrained()->cascadeOnDelete();
            $table->string('key', 200);
            $table->string('request_hash', 64);
            // Null while it is being worked on.
            $table->unsignedSmallInteger('status')->nullable();
            $table->json('headers')->default('{}');
            $table->text('body')->default('');
            $table->string('asked_at', 20);
            $table->unique(['access_token_id', 'key']);
            $table->index('asked_at');
        });
    }

    public function down(): void
    {
        Schema::drop('idempotency_keys');
        Schema::drop('access_tokens');
    }
};
