<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const SUMS = [
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    public function up(): void
    {
        // What the weeks of a task come to in a month, for comparisons that tell tasks apart, but neither people nor weeks.
        Schema::create('recorded_task_months', static function (Blueprint $table): void {
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->date('month');
            $table->integer('billable')->default(2);
            foreach (self::SUMS as $sum) {
                $table->integer($sum)->default(0);
            }
            $table->primary(['task_id', 'month', 'billable']);
            $table->clustered();
        });
        Schema::create('planned_task_months', static function (Blueprint $table): void {
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->date('month');
            $table->integer('planned_minutes');
            $table->primary(['task_id', 'month']);
            $table->clustered();
        });
        foreach (['recorded' => [['billable'], self::SUMS], 'planned' => [[], ['planned_minutes']]] as $kind => [$others, $sums]) {
            $month = "substr(starts_on, 1, 8) || '01'";
            DB::table($kind.'_task_months')->insertUsing(['task_id', 'month', ...$others, ...$sums], DB::table($kind.'_weeks')
                ->groupBy('task_id')->groupByRaw($month)->groupBy(...$others)
                ->select('task_id')->selectRaw($month.' AS month')->addSelect($others)
                ->selectRaw(implode(', ', array_map(static fn (string $sum): string => "sum($sum)", $sums))));
        }
    }

    public function down(): void
    {
        Schema::drop('planned_task_months');
        Schema::drop('recorded_task_months');
    }
};
