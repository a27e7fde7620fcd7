<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trackers', static function (Blueprint $table): void {
            // Task trackers that the organisation works with besides.
            $table->id();
            $table->text('name')->unique();
            $table->text('address');
            $table->text('token');
        });
        Schema::create('tracker_people', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tracker_id')->constrained()->cascadeOnDelete();
            $table->text('login');
            $table->text('name');
            $table->text('email');
            // Who it is here; null while nobody knows.
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->unique(['tracker_id', 'login']);
            $table->unique(['tracker_id', 'person_id']);
            $table->index(['person_id'], 'tracker_people_of_person');
        });
        Schema::create('tracker_links', static function (Blueprint $table): void {
            // A project here and its counterpart there.
            $table->id();
            $table->foreignId('tracker_id')->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->unique()->constrained();
            $table->text('remote_key');
            // From which day on time goes to and fro, whether tasks come over, and who said so.
            $table->text('starts_on');
            $table->boolean('takes_tasks');
            $table->foreignId('linked_by_id')->constrained('people');
            // How far what changed there has been read, and the audit trail here.
            $table->unsignedBigInteger('position')->default(0);
            $table->unsignedBigInteger('line');
            $table->timestamp('asked_at')->nullable();
            $table->timestamp('succeeded_at')->nullable();
            $table->text('failure')->default('');
        });
        Schema::create('tracker_tasks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tracker_link_id')->constrained()->cascadeOnDelete();
            $table->text('remote_key');
            $table->text('title');
            $table->text('state');
            $table->text('comment');
            $table->text('comment_by');
            $table->text('comment_on');
            $table->unsignedInteger('minutes');
            $table->json('people');
            // Which task it is here; null while nobody knows.
            $table->foreignId('task_id')->nullable()->unique()->constrained();
            $table->unique(['tracker_link_id', 'remote_key']);
        });
        Schema::create('tracker_times', static function (Blueprint $table): void {
            // A piece of time as both sides have it.
            $table->id();
            $table->foreignId('tracker_link_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tracker_task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tracker_person_id')->constrained('tracker_people')->cascadeOnDelete();
            $table->text('date');
            // Null until it was made there.
            $table->unsignedBigInteger('remote_id')->nullable();
            $table->unsignedInteger('version')->default(0);
            $table->text('text')->default('');
            // What the other system has, and what of it is in the entry here.
            $table->unsignedInteger('minutes_there');
            $table->unsignedInteger('minutes_counted');
            $table->boolean('differs');
            // Null until it is known whose it is; false while it is in pencil.
            $table->boolean('is_accepted')->nullable();
            $table->boolean('is_ours');
            // Why it could not be brought over; empty where it could.
            $table->text('problem')->default('');
            $table->unique(['tracker_link_id', 'remote_id']);
            $table->index(['tracker_task_id', 'tracker_person_id', 'date'], 'tracker_times_of_day');
            $table->index(['tracker_person_id', 'is_accepted', 'date'], 'tracker_times_of_person');
            $table->index(['tracker_link_id', 'differs'], 'tracker_times_that_differ');
        });
        Schema::create('tracker_changes', static function (Blueprint $table): void {
            // What the other system is yet to be asked to change.
            $table->id();
            $table->foreignId('tracker_time_id')->constrained()->cascadeOnDelete();
            $table->text('reference')->unique();
            $table->unsignedInteger('minutes_from');
            $table->unsignedInteger('minutes_to');
            $table->text('text')->default('');
            $table->index(['tracker_time_id'], 'tracker_changes_of_time');
        });
        Schema::table('people', static function (Blueprint $table): void {
            // Whether time from task trackers is pencilled, or inked at once.
            $table->boolean('pencils_tracked_time')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->dropColumn('pencils_tracked_time'));
        foreach (['tracker_changes', 'tracker_times', 'tracker_tasks', 'tracker_links', 'tracker_people', 'trackers'] as $table) {
            Schema::drop($table);
        }
    }
};
