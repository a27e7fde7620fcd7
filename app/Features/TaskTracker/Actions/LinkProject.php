<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\TaskTracker\Jobs\SyncLinkJob;
use App\Features\TaskTracker\Remote\TaskTracker;
use App\Features\TaskTracker\Remote\TrackerFault;
use App\Models\AuditTrailRow;
use App\Models\Person;
use App\Models\Project;
use App\Models\Tracker;
use App\Models\TrackerLink;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Links a project with its counterpart in a task tracker, or ends that. */
final readonly class LinkProject
{
    public function __construct(private AuditTrail $auditTrail, private TaskTracker $tracker)
    {
    }

    /**
     * @param  Day  $from  on which time begins to go to and fro
     *
     * @throws TrackerRefused
     */
    public function handle(Person $by, Project $project, Tracker $tracker, string $key, Day $from, bool $takesTasks): TrackerLink
    {
        try {
            $isThere = isset($this->tracker->projects($tracker)[$key]);
        } catch (TrackerFault) {
            throw TrackerRefused::because('key', 'no_answer');
        }
        if (! $isThere) {
            throw TrackerRefused::because('key', 'project');
        }
        $link = DB::transaction(function () use ($by, $project, $tracker, $key, $from, $takesTasks): TrackerLink {
            $link = TrackerLink::query()->where('project_id', $project->id)->first();
            if ($link !== null) {
                return $link;
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $project->code, 'link', $by, null, ['tracker' => $tracker->name, 'project' => $key, 'from' => $from->toString()])]);
            $last = AuditTrailRow::query()->max('id');

            return TrackerLink::query()->create([
                'tracker_id' => $tracker->id, 'project_id' => $project->id, 'remote_key' => $key, 'starts_on' => $from, 'takes_tasks' => $takesTasks, 'linked_by_id' => $by->id, 'line' => is_numeric($last) ? (int) $last : 0,
            ]);
        });
        SyncLinkJob::dispatch($link->id);

        return $link;
    }

    public function end(Person $by, TrackerLink $link): void
    {
        DB::transaction(function () use ($by, $link): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $link->project->code, 'unlink', $by, ['tracker' => $link->tracker->name, 'project' => $link->remote_key], null)]);
            $link->delete();
        });
    }
}
