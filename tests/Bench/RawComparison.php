<?php

declare(strict_types=1);

namespace Tests\Bench;

use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\Grouping;

/** Approved and other time between two days, straight from the entries: ways to ask, of which the fastest counts. */
final class RawComparison
{
    private const SUMS = "sum(CASE WHEN state IN ('approved', 'settled') THEN minutes ELSE 0 END) AS actual, sum(CASE WHEN state IN ('approved', 'settled') THEN 0 ELSE minutes END) AS pending";

    /** @return float seconds of the fastest */
    public static function fastest(Grouping $grouping, string $first, string $last): float
    {
        $best = INF;
        foreach (self::queries($grouping) as $query) {
            for ($time = 0; $time < 2; $time++) {
                $began = hrtime(true);
                DB::select($query, [$first, $last]);
                $best = min($best, (hrtime(true) - $began) / 1e9);
            }
        }

        return $best;
    }

    /** @return non-empty-list<string> queries with the two days to be filled in */
    private static function queries(Grouping $grouping): array
    {
        [$key, $joins] = match ($grouping) {
            Grouping::Project => ['tasks.project_id', 'JOIN tasks ON tasks.id = task_id'],
            Grouping::Client => ['projects.client_id', 'JOIN tasks ON tasks.id = task_id JOIN projects ON projects.id = tasks.project_id'],
            Grouping::Manager => ['projects.manager_id', 'JOIN tasks ON tasks.id = task_id JOIN projects ON projects.id = tasks.project_id'],
            Grouping::ChargeCode => ['tasks.charge_code', 'JOIN tasks ON tasks.id = task_id'],
            Grouping::Billable => ['coalesce(part.billable, tasks.billable, projects.billable)', 'JOIN tasks ON tasks.id = task_id JOIN projects ON projects.id = tasks.project_id'],
            Grouping::OwnField => ['held.value', 'LEFT JOIN own_field_values AS held ON held.task_id = part.task_id'],
            Grouping::Phase => ['tasks.phase_id', 'JOIN tasks ON tasks.id = task_id'],
            Grouping::Task => ['task_id', ''],
            Grouping::Person => ['person_id', ''],
            Grouping::Team => ['people.team_id', 'JOIN people ON people.id = person_id'],
            Grouping::Role => ['coalesce(part.role_id, people.role_id)', 'JOIN people ON people.id = person_id'],
            Grouping::Quarter => ['substr(date, 1, 4) || (cast(substr(date, 6, 2) AS integer) + 2) / 3', ''],
            Grouping::Month => ['substr(date, 1, 7)', ''],
            Grouping::Week => ["date(date, 'weekday 0', '-6 days')", ''],
        };
        $inner = match ($grouping) {
            Grouping::Person, Grouping::Team => 'person_id',
            Grouping::Role => 'person_id, role_id',
            Grouping::Billable => 'task_id, billable',
            Grouping::Quarter, Grouping::Month, Grouping::Week => 'date',
            default => 'task_id',
        };
        $sums = self::SUMS;
        // Projects have a state too.
        $ofPart = str_replace(['state', 'minutes'], ['part.state', 'part.minutes'], $sums);

        return [
            "SELECT $key AS name, $ofPart FROM entries AS part $joins WHERE date BETWEEN ? AND ? GROUP BY 1",
            "SELECT $key AS name, $ofPart FROM entries AS part INDEXED BY entries_of_day $joins WHERE date BETWEEN ? AND ? GROUP BY 1",
            "SELECT $key AS name, sum(actual), sum(pending) FROM (SELECT $inner, $sums FROM entries WHERE date BETWEEN ? AND ? GROUP BY $inner) AS part $joins GROUP BY 1",
        ];
    }
}
