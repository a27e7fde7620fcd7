<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const SHARING = ['nobody', 'some', 'everybody'];

    public function up(): void
    {
        Schema::create('saved_comparisons', static function (Blueprint $table): void {
            // The address is what is compared, without the page and what is opened.
            $table->id();
            $table->foreignId('owner_id')->constrained('people');
            $table->text('name');
            $table->text('address');
            $table->enum('sharing', self::SHARING)->default('nobody');
            $table->unsignedInteger('version')->default(1);
            $table->timestamp('changed_at');
            $table->foreignId('changed_by_id')->constrained('people');
            $table->unique(['owner_id', 'name']);
            $table->index(['sharing'], 'saved_comparisons_shared');
        });
        Schema::create('saved_comparison_readers', static function (Blueprint $table): void {
            // With whom one is shared: either a person or a team.
            $table->id();
            $table->foreignId('saved_comparison_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('team_id')->nullable()->constrained();
            $table->unique(['saved_comparison_id', 'person_id']);
            $table->unique(['saved_comparison_id', 'team_id']);
            $table->index(['person_id'], 'saved_comparison_readers_of_person');
            $table->index(['team_id'], 'saved_comparison_readers_of_team');
            $table->check('(person_id is null) <> (team_id is null)');
        });
        Schema::create('saved_comparison_versions', static function (Blueprint $table): void {
            // What one was after each change of what it compares or how it is called.
            $table->foreignId('saved_comparison_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->text('name');
            $table->text('address');
            $table->timestamp('changed_at');
            $table->foreignId('changed_by_id')->constrained('people');
            $table->primary(['saved_comparison_id', 'number']);
        });
        Schema::create('comparison_mailings', static function (Blueprint $table): void {
            // To whom one is mailed, and when: on a weekday from 1 for Monday, or on a day of the month up to the 28th.
            $table->foreignId('saved_comparison_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->enum('rhythm', ['week', 'month']);
            $table->unsignedInteger('day');
            $table->date('sent_on');
            $table->primary(['saved_comparison_id', 'person_id']);
            $table->index(['person_id'], 'comparison_mailings_of_person');
            $table->check("day between 1 and CASE rhythm WHEN 'week' THEN 7 ELSE 28 END");
        });
        Schema::create('front_page_comparisons', static function (Blueprint $table): void {
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('saved_comparison_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place');
            $table->primary(['person_id', 'saved_comparison_id']);
            $table->index(['saved_comparison_id'], 'front_page_comparisons_of_comparison');
        });
        Schema::create('outbox_attachments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('outbox_mail_id')->constrained()->cascadeOnDelete();
            $table->text('name');
            $table->text('media_type');
            // Base64, since text is all that bindings carry.
            $table->text('contents');
            $table->index(['outbox_mail_id'], 'outbox_attachments_of_mail');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('outbox_attachments');
        Schema::dropIfExists('front_page_comparisons');
        Schema::dropIfExists('comparison_mailings');
        Schema::dropIfExists('saved_comparison_versions');
        Schema::dropIfExists('saved_comparison_readers');
        Schema::dropIfExists('saved_comparisons');
    }
};
