<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    private const BILL_SUMS = ['actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated'];

    /** Where neither entries nor their task say it, but their project: 2. */
    private const BILLABLE = 'coalesce(nullif(recorded_weeks.billable, 2), tasks.billable, 2)';

    public function up(): void
    {
        $this->create([...self::SUMS, ...self::BILL_SUMS], ['billable' => self::BILLABLE]);
    }

    public function down(): void
    {
        $this->create(self::SUMS, []);
    }

    /**
     * Makes the table anew of the weeks that it sums up.
     *
     * @param  list<string>  $sums
     * @param  array<string, string>  $further  what else months are told apart by
     */
    private function create(array $sums, array $further): void
    {
        $key = ['month', 'project_id', 'person_id', 'role_id', ...array_keys($further)];
        Schema::drop('recorded_months');
        Schema::create('recorded_months', static function (Blueprint $table) use ($sums, $further, $key): void {
            $table->date('month');
            $table->foreignId('project_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->integer('role_id')->default(0);
            foreach (array_keys($further) as $column) {
                $table->integer($column)->default(2);
            }
            foreach ($sums as $sum) {
                $table->integer($sum)->default(0);
            }
            $table->primary($key);
            $table->index(['person_id', 'month'], 'recorded_months_of_person');
            $table->clustered();
        });
        $columns = ["substr(recorded_weeks.starts_on, 1, 7) || '-01'", 'tasks.project_id', 'recorded_weeks.person_id', 'recorded_weeks.role_id', ...array_values($further)];
        DB::table('recorded_months')->insertUsing([...$key, ...$sums], DB::table('recorded_weeks')->join('tasks', 'tasks.id', 'recorded_weeks.task_id')
            ->groupByRaw(implode(', ', $columns))->selectRaw(implode(', ', [...$columns, ...array_map(static fn (string $sum): string => "sum($sum)", $sums)])));
    }
};
