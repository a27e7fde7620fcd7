<?php

declare(strict_types=1);

namespace App\Features\Office\Actions;

use App\Approval\RouteWaitingEntries;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Support\Facades\DB;
use Moss\Core\Review\RouteKind;

/** Says who approves, for the organisation or for a project; what waits goes to whoever that now is. */
final readonly class SetRoute
{
    public function __construct(private RouteWaitingEntries $routing, private AuditTrail $auditTrail)
    {
    }

    /** @param  RouteKind|null  $route  null for the organisation's */
    public function ofProject(Person $office, Project $project, ?RouteKind $route): void
    {
        DB::transaction(function () use ($office, $project, $route): void {
            $before = $project->approval;
            if ($before !== $route) {
                $project->update(['approval' => $route]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Route, $project->code, 'save', $office, ['route' => $before?->value], ['route' => $route?->value])]);
            }
        });
        $this->routing->handle($project->id);
    }

    public function ofOrganisation(Person $office, RouteKind $route, bool $selfApprove): void
    {
        DB::transaction(function () use ($office, $route, $selfApprove): void {
            $organisation = Organisation::query()->sole();
            $before = ['route' => $organisation->approval->value, 'self_approve' => $organisation->self_approve ? 1 : 0];
            $after = ['route' => $route->value, 'self_approve' => $selfApprove ? 1 : 0];
            if ($before !== $after) {
                $organisation->update(['approval' => $route, 'self_approve' => $selfApprove]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'approval', 'save', $office, $before, $after)]);
            }
        });
        $this->routing->handle();
    }
}
