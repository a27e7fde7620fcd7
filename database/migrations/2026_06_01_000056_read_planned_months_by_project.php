<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A long period is summed up in the order of projects, without sorting and without the table itself.
        $this->index(['project_id', 'month', 'planned_minutes']);
    }

    public function down(): void
    {
        $this->index(['project_id']);
    }

    /** @param  list<string>  $columns */
    private function index(array $columns): void
    {
        Schema::table('planned_project_months', static function (Blueprint $table) use ($columns): void {
            $table->dropIndex('planned_project_months_of_project');
            $table->index($columns, 'planned_project_months_of_project');
        });
    }
};
