<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('house_rules', static function (Blueprint $table): void {
            // How rules are set: for everybody, a team or a project, from a day on; without a day, from the beginning.
            $table->id();
            $table->text('rule');
            $table->enum('severity', ['blocking', 'explanation', 'information', 'off']);
            $table->unsignedInteger('limit_number')->default(0);
            $table->date('starts_on')->nullable();
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('project_id')->nullable()->constrained();
            $table->key(['rule', 'team_id' => 0, 'project_id' => 0, 'starts_on' => ''], 'house_rules_key');
            $table->check('team_id is null or project_id is null');
        });
        Schema::create('finding_explanations', static function (Blueprint $table): void {
            // The explanation with which a person answers what a rule asks.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->char('week', 8);
            $table->text('rule');
            $table->foreignId('task_id')->nullable()->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('date')->nullable();
            $table->text('explanation');
            $table->key(['person_id', 'week', 'rule', 'task_id' => 0, 'role_id' => 0, 'date' => ''], 'finding_explanations_key');
            $table->check('length(explanation) > 0');
        });
        Schema::create('findings', static function (Blueprint $table): void {
            // What was found when time was submitted, with the explanations of then.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->char('week', 8);
            $table->text('rule');
            $table->enum('severity', ['blocking', 'explanation', 'information']);
            $table->foreignId('task_id')->nullable()->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('date')->nullable();
            $table->json('text_values');
            $table->text('explanation')->default('');
            $table->index(['person_id', 'week'], 'findings_of_week');
        });
        Schema::create('questions', static function (Blueprint $table): void {
            // What the office asks with every week that begins in a stretch of days.
            $table->id();
            $table->text('wording');
            $table->enum('kind', ['text', 'choice', 'yes/no']);
            $table->json('choices')->default('[]');
            $table->boolean('required')->default(false);
            $table->date('starts_on');
            $table->date('ends_on')->nullable();
            $table->check('length(wording) > 0');
            $table->check('ends_on is null or starts_on <= ends_on');
        });
        Schema::create('answers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('question_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->char('week', 8);
            $table->text('answer');
            $table->unique(['person_id', 'week', 'question_id']);
            $table->index(['question_id'], 'answers_of_question');
            $table->check('length(answer) > 0');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('answers');
        Schema::dropIfExists('questions');
        Schema::dropIfExists('findings');
        Schema::dropIfExists('finding_explanations');
        Schema::dropIfExists('house_rules');
    }
};
