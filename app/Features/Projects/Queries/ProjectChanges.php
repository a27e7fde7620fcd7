<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Office\Queries\AuditTrailSearch;
use App\Features\Projects\Props\ChangesProps;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
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
        $entered = Record::all(DB::table('recorded_weeks')->whereIntegerInRaw('task_id', array_keys($onDay->efforts))
            ->whereBetween('starts_on', [$week->monday()->toString(), $week->sunday()->toString()])
            ->selectRaw('coalesce(sum(actual_minutes + pending_minutes), 0) AS entered, coalesce(sum(pending_minutes), 0) AS pending'))[0];
        $forecast = DB::table('project_forecasts')->where('project_id', $onDay->project->id)->where('week_end', $week->sunday()->toString())->value('change_minutes');
        [$acts, $isMore] = $this->auditTrail->ofProject($reader, $onDay->project, $week->monday(), ProjectStatus::showsMoney($reader, $onDay));

        return new ChangesProps($week->monday()->toString(), $entered->int('entered'), $entered->int('pending'), is_numeric($forecast) ? (int) $forecast : 0, $acts, $isMore);
    }
}
