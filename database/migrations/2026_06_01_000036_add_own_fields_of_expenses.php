<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What fields can belong to, and the table of each. */
    private const SUBJECTS = ['entry' => 'entries', 'task' => 'tasks', 'project' => 'projects', 'person' => 'people', 'expense' => 'expenses'];

    public function up(): void
    {
        $this->rebuild(self::SUBJECTS);
    }

    public function down(): void
    {
        DB::table('own_field_values')->whereNotNull('expense_id')->delete();
        DB::table('own_field_choices')->whereIn('own_field_id', DB::table('own_fields')->where('subject', 'expense')->select('id'))->delete();
        DB::table('own_fields')->where('subject', 'expense')->delete();
        $this->rebuild(array_diff_key(self::SUBJECTS, ['expense' => true]));
    }

    /**
     * What a row must fulfil can only be said when its table is created, so the tables are made anew.
     *
     * @param  array<string, string>  $subjects
     */
    private function rebuild(array $subjects): void
    {
        $this->create($subjects);
        $columns = [
            'own_fields' => ['id', 'code', 'name', 'subject', 'kind', 'is_required', 'starts_on', 'team_id', 'client_id', 'is_retired', 'position'],
            'own_field_choices' => ['id', 'own_field_id', 'code', 'name', 'position', 'is_retired'],
            'own_field_values' => ['id', 'own_field_id', 'entry_id', 'task_id', 'project_id', 'person_id', 'value'],
        ];
        foreach ($columns as $table => $names) {
            DB::table('new_'.$table)->insertUsing($names, DB::table($table)->select($names));
        }
        foreach (array_reverse(array_keys($columns)) as $table) {
            Schema::drop($table);
        }
        foreach (array_keys($columns) as $table) {
            Schema::rename('new_'.$table, $table);
        }
        Schema::table('own_fields', static function (Blueprint $table): void {
            $table->unique(['code']);
            $table->index(['subject', 'position'], 'own_fields_of_subject');
        });
        Schema::table('own_field_choices', static function (Blueprint $table): void {
            $table->unique(['own_field_id', 'code']);
        });
        Schema::table('own_field_values', static function (Blueprint $table) use ($subjects): void {
            foreach (array_keys($subjects) as $subject) {
                $table->key([$subject.'_id', 'own_field_id'], 'own_field_values_of_'.$subject, $subject.'_id is not null');
            }
            $table->index(['own_field_id', 'value'], 'own_field_values_by_value');
        });
    }

    /** @param  array<string, string>  $subjects */
    private function create(array $subjects): void
    {
        Schema::create('new_own_fields', static function (Blueprint $table) use ($subjects): void {
            $table->id();
            $table->string('code', 32);
            $table->text('name');
            $table->enum('subject', array_keys($subjects));
            $table->enum('kind', ['text', 'number', 'choice', 'yes-no', 'date']);
            $table->boolean('is_required')->default(false);
            $table->date('starts_on')->nullable();
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('client_id')->nullable()->constrained();
            $table->boolean('is_retired')->default(false);
            $table->unsignedInteger('position')->default(0);
        });
        Schema::create('new_own_field_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('own_field_id')->constrained('new_own_fields')->cascadeOnDelete();
            $table->string('code', 32);
            $table->text('name');
            $table->unsignedInteger('position')->default(0);
            $table->boolean('is_retired')->default(false);
        });
        Schema::create('new_own_field_values', static function (Blueprint $table) use ($subjects): void {
            $table->id();
            $table->foreignId('own_field_id')->constrained('new_own_fields');
            foreach ($subjects as $subject => $of) {
                $table->foreignId($subject.'_id')->nullable()->constrained($of)->cascadeOnDelete();
            }
            $table->text('value');
            $table->check(implode(' + ', array_map(static fn (string $subject): string => "({$subject}_id is not null)", array_keys($subjects))).' = 1');
            $table->check("value <> ''");
        });
    }
};
