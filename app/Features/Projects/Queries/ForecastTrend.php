<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** The forecasts of projects at the ends of the last twelve weeks, by today's plan; in one query. */
final class ForecastTrend
{
    public const WEEKS = 12;

    /**
     * @param  list<int>  $projects
     * @return array<int, list<int>> minutes by project, the oldest week first, last the week of today
     */
    public function of(array $projects, Day $today): array
    {
        $last = Week::containing($today);
        $sundays = array_map(static fn (int $weeks): string => $last->plusWeeks($weeks)->sunday()->toString(), range(1 - self::WEEKS, 0));
        $query = DB::table('project_forecasts')->whereIntegerInRaw('project_id', $projects)->where('week_end', '<=', $sundays[self::WEEKS - 1])
            ->selectRaw('project_id, max(week_end, ?) AS week, sum(change_minutes) AS minutes', [$sundays[0]])->groupByRaw('1, 2');
        $changes = [];
        foreach (Record::all($query) as $change) {
            $changes[$change->int('project_id')][$change->string('week')] = $change->int('minutes');
        }
        $trends = [];
        foreach ($projects as $project) {
            $forecast = 0;
            $trends[$project] = array_map(static function (string $sunday) use ($project, $changes, &$forecast): int {
                return $forecast += $changes[$project][$sunday] ?? 0;
            }, $sundays);
        }

        return $trends;
    }
}
