<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Takes the plan as it is today for the baseline. */
final class TakeBaseline
{
    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly Today $today)
    {
    }

    public function handle(Person $actor, Project $project, string $why): void
    {
        DB::transaction(function () use ($actor, $project, $why): void {
            $before = $project->baseline_on?->toString();
            $today = $this->today->in('UTC');
            $project->update(['baseline_on' => $today]);
            $this->auditTrail->project($actor, $project, 'set baseline', ['baseline_on' => $before], ['baseline_on' => $today->toString()], $why);
            $this->auditTrail->write();
        });
    }
}
