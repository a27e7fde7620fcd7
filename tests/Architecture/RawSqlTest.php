<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** SQL is written by the query and schema builders, so that a second engine asks for changes in few places. */
final class RawSqlTest extends TestCase
{
    private const RAW = '/->(select|where|orWhere|orderBy|groupBy|having|orHaving|from|join)Raw\(|\bDB::(raw|select|scalar|statement|unprepared|insert|update|delete|affectingStatement|cursor)\(|->(exec|prepare)\(|new Expression\(/';

    /** Where one engine's words are, or what no builder can say; each with its reason. */
    private const ALLOWED = [
        // What is written for an engine.
        'app/Features/Operations/Actions/BackUpDatabase.php' => 'how a copy is journalled',
        'app/Support/Database/BulkRows.php' => 'many rows from one JSON value',
        'app/Support/Database/ByIndex.php' => 'which index is used',
        'app/Support/Database/ImmediatePdo.php' => 'how transactions begin',
        'app/Support/Database/ReadTransaction.php' => 'how a reading transaction begins',
        'app/Support/Database/StreamedRows.php' => 'rows one by one, without buffering them',
        'app/Support/Database/TextSearch.php' => 'LIKE with an escape character',
        'app/Exchange/ImportExchange.php' => 'foreign keys that are checked at the end of the transaction',
        // Joined with a list of values.
        'app/Exchange/FileKind.php' => 'rows of a file by their keys',
        'app/Effort/RecordedReader.php' => 'entries of single days by task',
        'app/Effort/Totals/MonthTotals.php' => 'months of weeks',
        'app/Effort/Totals/ProjectMonthTotals.php' => 'months of projects',
        'app/Effort/Totals/RecordedTotals.php' => 'entries of single week parts',
        'app/Features/Plan/Actions/PlanNames.php' => 'names in any case',
        'database/migrations/2026_06_01_000043_tell_billable_months_apart.php' => 'months of weeks',
        'database/migrations/2026_06_01_000044_sum_up_months_by_project.php' => 'months of projects',
        'database/migrations/2026_06_01_000049_sum_up_months_by_task.php' => 'months of tasks',
        // Sums of conditions.
        'app/Effort/Recalculation/UpdateTotals.php' => 'days of assignments',
        'app/Effort/Totals/PlanSteps.php' => 'plans of tasks without assignments',
        'app/Http/HeaderCounts.php' => 'the share of a recalculation that is done',
        'app/Features/Compare/Queries/SumPart.php' => 'measures of a comparison',
        'app/Features/Compare/Queries/WeekSums.php' => 'measures of a comparison',
        'app/Features/Periods/Queries/PeriodCheck.php' => 'open time by state, by a partial index',
        'app/Features/Projects/Queries/ProjectList.php' => 'forecasts, and projects by how far they are over',
        'app/Features/Rates/Queries/RateTable.php' => 'time without a rate',
        'app/Features/Review/Queries/DeskGroups.php' => 'sums of what needs attention',
        'app/Features/HouseRules/Queries/SpentBudgets.php' => 'budgets that are spent',
        // Columns that are looked up, or put together.
        'app/Exchange/EndAssignments.php' => 'what was recorded on assignments that end',
        'app/Exchange/Kinds/OrganisationKind.php' => 'settings as rows',
        'app/Exchange/Kinds/PeopleKind.php' => 'addresses that people swap',
        'app/Features/Accounts/Queries/AccountList.php' => 'what is known of an account',
        'app/Features/Plan/Queries/PlanView.php' => 'when tasks begin, and whose they are',
        'app/Features/Review/Queries/DeskFilter.php' => 'the key of a group',
        'app/Features/Review/Queries/DeskSheets.php' => 'timesheets in the order of attention',
        'app/Features/Timesheets/Queries/RecordableTimesheets.php' => 'people in the order of nearness',
        'app/Features/Week/Queries/CellAuditTrail.php' => 'the role in a line of the audit trail',
        'app/Features/Week/Queries/RecordableTasks.php' => 'how a task is assigned',
        'app/Features/Week/Queries/SheetRecords.php' => 'what a cell shows of its history',
    ];

    public function test_raw_sql_is_written_in_named_places_only(): void
    {
        $found = [];
        foreach (['app', 'core', 'routes', 'database'] as $folder) {
            foreach (self::files($folder) as $file) {
                if (preg_match(self::RAW, self::code($file)) === 1) {
                    $found[] = $file;
                }
            }
        }
        sort($found);
        $allowed = array_keys(self::ALLOWED);
        sort($allowed);

        self::assertSame($allowed, $found);
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $root = dirname(__DIR__, 2).'/';
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.$folder)) as $file) {
            if ($file->getExtension() === 'php') {
                $files[] = substr($file->getPathname(), strlen($root));
            }
        }

        return $files;
    }

    private static function code(string $file): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2).'/'.$file);
    }
}
