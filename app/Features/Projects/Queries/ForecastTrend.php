<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Models\ProjectForecast;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** The forecasts of projects at the ends of the last twelve weeks, by today's plan; in one query. */
final class ForecastTrend
{
    public const WEEKS = 12;

    /**
     * @param  array<int, int>  $forecasts  minutes by project, as they are now
     * @return array<int, list<int>> minutes by project, the oldest week first, last the week of today
     */
    public function of(array $forecasts, Day $today): array
    {
        $last = Week::containing($today);
        $sundays = array_map(static fn (int $weeks): string => $last->plusWeeks($weeks)->sunday()->toString(), range(1 - self::WEEKS, 0));
        $changes = [];
        foreach (Record::all(ProjectForecast::query()->toBase()->whereIntegerInRaw('project_id', array_keys($forecasts))->where('week_end', '>', $sundays[0])) as $change) {
            $changes[$change->int('project_id')][$change->string('week_end')] = $change->int('change_minutes');
        }
        $trends = [];
        foreach ($forecasts as $project => $forecast) {
            // What changed after a week had not yet changed at its end.
            $trends[$project] = array_map(static fn (string $sunday): int => $forecast - array_sum(array_filter(
                $changes[$project] ?? [],
                static fn (string $week): bool => $week > $sunday,
                ARRAY_FILTER_USE_KEY,
            )), $sundays);
        }

        return $trends;
    }
}
