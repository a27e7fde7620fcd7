<?php

declare(strict_types=1);

/*
 * Run by bin/bench --build: fills the database that the environment names with a large organisation, and says what is in it.
 * Arguments: people, projects, entries.
 */

namespace Tests\Bench;

use App\Effort\Recalculation\RecalculateAll;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

$application = require __DIR__.'/boot.php';
assert($application instanceof Application);
ini_set('memory_limit', '512M');

(new LargeOrganisation((int) ($argv[1] ?? 5000), (int) ($argv[2] ?? 1500), (int) ($argv[3] ?? 3_000_000)))->build($application->make(RecalculateAll::class));
foreach (['people', 'projects', 'tasks', 'assignments', 'entries', 'recorded_weeks', 'planned_weeks', 'expenses', 'audit_trail'] as $table) {
    printf("%s\t%d\n", $table, DB::table($table)->count());
}
