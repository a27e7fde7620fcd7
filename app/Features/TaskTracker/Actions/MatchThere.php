<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\TaskTracker\Jobs\SyncLinkJob;
use App\Models\Person;
use App\Models\Task;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use Illuminate\Support\Facades\DB;

/** Says who or which task it is that a task tracker speaks of; their time comes over then. */
final readonly class MatchThere
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @throws TrackerRefused if the person is somebody else there already */
    public function person(Person $by, TrackerLink $link, TrackerPerson $there, Person $person): void
    {
        DB::transaction(function () use ($by, $link, $there, $person): void {
            if (TrackerPerson::query()->where('tracker_id', $there->tracker_id)->where('person_id', $person->id)->whereKeyNot($there->id)->exists()) {
                throw TrackerRefused::because('person', 'person_taken');
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $link->project->code, 'match', $by, null, ['login' => $there->login, 'person_id' => $person->id])]);
            $there->update(['person_id' => $person->id]);
        });
        SyncLinkJob::dispatch($link->id);
    }

    /** @throws TrackerRefused if the task is another one there already */
    public function task(Person $by, TrackerLink $link, TrackerTask $there, Task $task): void
    {
        DB::transaction(function () use ($by, $link, $there, $task): void {
            if (TrackerTask::query()->where('task_id', $task->id)->whereKeyNot($there->id)->exists()) {
                throw TrackerRefused::because('task', 'task_taken');
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $link->project->code, 'match', $by, null, ['key' => $there->remote_key, 'task_id' => $task->id])]);
            $there->update(['task_id' => $task->id]);
        });
        SyncLinkJob::dispatch($link->id);
    }
}
