<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('organisations', static function (Blueprint $table): void {
            // Which kinds of access need a second factor, as a list; and whether single sign-on may add people.
            $table->json('factor_access')->default('[]');
            $table->boolean('single_sign_on_adds_people')->default(false);
        });
        Schema::table('sign_ins', static function (Blueprint $table): void {
            $table->text('method')->default('password');
            // Whether a second factor was given with it, here or where the person signed in.
            $table->boolean('has_factor')->default(false);
            $table->timestamp('last_seen_at')->nullable();
            // Up to which instant the person may change how they sign in without confirming again that it is them.
            $table->timestamp('confirmed_until')->nullable();
            $table->text('network_address')->default('');
            $table->text('browser')->default('');
        });
        Schema::create('password_links', static function (Blueprint $table): void {
            // Links by which a person sets a password. Only the hash of what stands in the link is stored.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->enum('kind', ['invitation', 'forgotten']);
            $table->char('token_hash', 64)->unique();
            $table->timestamp('sent_at');
            $table->timestamp('expires_at');
            $table->timestamp('used_at')->nullable();
            $table->index(['person_id', 'kind', 'sent_at'], 'password_links_of_person');
        });
        Schema::create('second_factors', static function (Blueprint $table): void {
            // The encrypted secret that a person's app makes codes of, and the last step of which one was used.
            $table->foreignId('person_id')->constrained('people');
            $table->text('secret');
            $table->unsignedBigInteger('last_step')->default(0);
            $table->timestamp('confirmed_at')->nullable();
            $table->primary(['person_id']);
        });
        Schema::create('recovery_codes', static function (Blueprint $table): void {
            // Each stands in for a code of the app once. Its first two characters find the row, the whole is hashed as a password.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->char('selector', 2);
            $table->text('code_hash');
            $table->timestamp('used_at')->nullable();
            $table->unique(['person_id', 'selector']);
        });
        Schema::create('identities', static function (Blueprint $table): void {
            // Who a person is at an identity provider.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('issuer');
            $table->text('subject');
            $table->timestamp('linked_at');
            $table->unique(['issuer', 'subject']);
            $table->unique(['person_id', 'issuer']);
        });
        Schema::create('heartbeats', static function (Blueprint $table): void {
            // When each process in the background was last seen at work.
            $table->text('name');
            $table->timestamp('at');
            $table->primary(['name']);
        });
    }

    public function down(): void
    {
        foreach (['heartbeats', 'identities', 'recovery_codes', 'second_factors', 'password_links'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('sign_ins', static function (Blueprint $table): void {
            $table->dropColumn(['method', 'has_factor', 'last_seen_at', 'confirmed_until', 'network_address', 'browser']);
        });
        Schema::table('organisations', static function (Blueprint $table): void {
            $table->dropColumn(['factor_access', 'single_sign_on_adds_people']);
        });
    }
};
