<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\AuditTrail\AuditTrailSearch;
use App\Features\Projects\Props\ChangesProps;
use App\Models\Person;
use App\Models\ProjectForecast;
use App\Models\RecordedWeek;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Week;

/** What became of a project this week, in three queries. */
final readonly class ProjectChanges
{
    public function __construct(private AuditTrailSearch $auditTrail)
    {
    }

    public function of(ProjectOnDay $onDay, Person $reader): ChangesProps
    {
        $week = Week::containing($onDay->today);
        // Both parts of a week begin within it.
        $entered = Record::all(RecordedWeek::query()->toBase()->whereIntegerInRaw('task_id', array_keys($onDay->efforts))
            ->whereBetween('starts_on', [$week->monday()->toString(), $week->sunday()->toString()])
            ->select(Sql::total(['actual_minutes', 'pending_minutes'], 'entered'), Sql::total('pending_minutes', 'pending')))[0];
        $forecast = ProjectForecast::query()->toBase()->where('project_id', $onDay->project->id)->where('week_end', $week->sunday()->toString())->value('change_minutes');
        [$acts, $isMore] = $this->auditTrail->ofProject($reader, $onDay->project, $week->monday(), ProjectStatus::showsMoney($reader, $onDay));

        return new ChangesProps($week->monday()->toString(), $entered->int('entered'), $entered->int('pending'), is_numeric($forecast) ? (int) $forecast : 0, $acts, $isMore);
    }
}
