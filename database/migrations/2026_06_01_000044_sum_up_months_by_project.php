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
        // What the months of all people of a project come to, for comparisons that tell no people apart.
        Schema::create('recorded_project_months', static function (Blueprint $table): void {
            $table->date('month');
            $table->foreignId('project_id')->constrained();
            $table->integer('billable')->default(2);
            foreach (self::SUMS as $sum) {
                $table->integer($sum)->default(0);
            }
            $table->primary(['month', 'project_id', 'billable']);
            $table->clustered();
        });
        Schema::create('planned_project_months', static function (Blueprint $table): void {
            $table->date('month');
            $table->foreignId('project_id')->constrained();
            $table->integer('planned_minutes');
            $table->primary(['month', 'project_id']);
            $table->index(['project_id'], 'planned_project_months_of_project');
            $table->clustered();
        });
        foreach (['recorded' => [['month', 'project_id', 'billable'], self::SUMS], 'planned' => [['month', 'project_id'], ['planned_minutes']]] as $kind => [$key, $sums]) {
            DB::table($kind.'_project_months')->insertUsing([...$key, ...$sums], DB::table($kind.'_months')->groupBy($key)->select($key)
                ->selectRaw(implode(', ', array_map(static fn (string $sum): string => "sum($sum)", $sums))));
        }
    }

    public function down(): void
    {
        Schema::drop('planned_project_months');
        Schema::drop('recorded_project_months');
    }
};
