<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('uploads', static function (Blueprint $table): void {
            // Files that come in pieces; the id is random and known only to who sends them. They lie outside the web root.
            $table->char('id', 32)->primary();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->text('name');
            $table->unsignedInteger('size');
            $table->unsignedInteger('received')->default(0);
            $table->timestamp('begun_at');
            $table->index(['begun_at'], 'uploads_by_time');
        });
        Schema::table('organisations', static function (Blueprint $table): void {
            // Whether everybody in the organisation may request work.
            $table->boolean('takes_requests')->default(false);
        });
        Schema::create('intake_links', static function (Blueprint $table): void {
            // A signed address at which a client requests work without signing in.
            $table->id();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('created_by_id')->constrained('people');
            $table->date('ends_on');
            $table->timestamp('revoked_at')->nullable();
        });
        Schema::create('work_requests', static function (Blueprint $table): void {
            $table->id();
            $table->text('title');
            $table->text('description')->default('');
            $table->foreignId('client_id')->nullable()->constrained();
            $table->date('wanted_by')->nullable();
            $table->unsignedInteger('about_minutes')->nullable();
            $table->enum('state', ['open', 'declined', 'accepted'])->default('open');
            $table->timestamp('requested_at');
            // Somebody here, or somebody at a client who came by a link.
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('intake_link_id')->nullable()->constrained();
            $table->text('contact_name')->default('');
            $table->text('contact_email')->default('');
            $table->foreignId('decided_by_id')->nullable()->constrained('people');
            $table->timestamp('decided_at')->nullable();
            $table->text('comment')->default('');
            $table->foreignId('project_id')->nullable()->constrained();
            $table->index(['state', 'id'], 'work_requests_by_state');
            $table->index(['person_id', 'id'], 'work_requests_of_person');
            $table->check('(person_id is null) <> (intake_link_id is null)');
            $table->check('length(title) between 1 and 200');
        });
        Schema::create('work_request_comments', static function (Blueprint $table): void {
            // What is said about a request; by somebody at the client where there is no person.
            $table->id();
            $table->foreignId('work_request_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->text('text');
            $table->timestamp('commented_at');
            $table->index(['work_request_id', 'id'], 'work_request_comments_of_request');
        });
        Schema::create('work_request_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('work_request_id')->constrained()->cascadeOnDelete();
            $table->text('name');
            $table->text('media_type');
            $table->unsignedInteger('size');
            // Where it lies, below the folder of request files.
            $table->text('stored_as');
            $table->index(['work_request_id'], 'work_request_files_of_request');
        });
        Schema::create('project_contacts', static function (Blueprint $table): void {
            // Whom to speak to at the client of a project.
            $table->foreignId('project_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('client_contact_id')->constrained()->cascadeOnDelete();
            $table->index(['client_contact_id'], 'project_contacts_by_contact');
        });
    }

    public function down(): void
    {
        foreach (['project_contacts', 'work_request_files', 'work_request_comments', 'work_requests', 'intake_links', 'uploads'] as $table) {
            Schema::drop($table);
        }
        Schema::table('organisations', static function (Blueprint $table): void {
            $table->dropColumn('takes_requests');
        });
    }
};
