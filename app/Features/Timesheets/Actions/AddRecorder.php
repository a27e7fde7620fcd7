<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\Recorder;
use Illuminate\Support\Facades\DB;

/** Lets somebody record in a person's sheet, or no longer; twice is the same as once. */
final readonly class AddRecorder
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  bool|null  $maySubmit  whether they may submit it too; null for no longer recording at all */
    public function handle(Person $owner, Person $recorder, ?bool $maySubmit): void
    {
        DB::transaction(function () use ($owner, $recorder, $maySubmit): void {
            $key = ['person_id' => $owner->id, 'recorder_id' => $recorder->id];
            $known = Recorder::query()->where($key)->first();
            $before = $known === null ? null : ['may_submit' => $known->may_submit ? 1 : 0];
            $after = $maySubmit === null ? null : ['may_submit' => $maySubmit ? 1 : 0];
            if ($before === $after) {
                return;
            }
            if ($maySubmit === null) {
                Recorder::query()->where($key)->delete();
            } else {
                Recorder::query()->updateOrCreate($key, ['may_submit' => $maySubmit]);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Recorder, $recorder->name, $maySubmit === null ? 'remove' : 'add', $owner, $before, $after, $owner->id)]);
        });
    }
}
