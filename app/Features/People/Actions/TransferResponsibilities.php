<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Approval\RouteWaitingEntries;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\Project;
use App\Models\Team;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Gives the open projects, teams and people of somebody to somebody else; what waits for a decision goes along. */
final readonly class TransferResponsibilities
{
    public function __construct(private AuditTrail $auditTrail, private RouteWaitingEntries $routing, private Today $today)
    {
    }

    /** @throws PersonRefused if the other is the same, has no access, or is led by somebody whom they would lead */
    public function handle(Person $by, Person $from, Person $to): void
    {
        if ($from->is($to) || ! $to->hasAccess($this->today->for($to)) || $to->isViewer()) {
            throw PersonRefused::because('to', 'transfer_to');
        }
        DB::transaction(function () use ($by, $from, $to): void {
            $lines = [];
            foreach (Project::query()->open()->where('manager_id', $from->id)->pluck('code') as $code) {
                $lines[] = self::line(AuditTrailSubject::Project, $code, 'manager', $by, $from, $to);
            }
            foreach (Team::query()->where('lead_id', $from->id)->pluck('code') as $code) {
                $lines[] = self::line(AuditTrailSubject::Team, $code, 'lead', $by, $from, $to);
            }
            // Whoever takes over does not become their own line manager.
            $reports = Person::query()->where('manager_id', $from->id)->whereKeyNot($to->id);
            foreach ((clone $reports)->pluck('code') as $code) {
                $lines[] = self::line(AuditTrailSubject::Person, $code, 'line manager', $by, $from, $to);
            }
            Project::query()->open()->where('manager_id', $from->id)->update(['manager_id' => $to->id]);
            Team::query()->where('lead_id', $from->id)->update(['lead_id' => $to->id]);
            $reports->update(['manager_id' => $to->id]);
            if ($to->manager_id === $from->id) {
                $to->update(['manager_id' => $from->manager_id === $to->id ? null : $from->manager_id]);
                $lines[] = AuditTrailLine::on(AuditTrailSubject::Person, $to->code, 'change', $by, ['line manager' => $from->code], ['line manager' => $from->manager?->code], $to->id);
            }
            $this->auditTrail->of($lines);
        });
        $this->routing->handle();
    }

    private static function line(AuditTrailSubject $subject, mixed $code, string $what, Person $by, Person $from, Person $to): AuditTrailLine
    {
        return AuditTrailLine::on($subject, is_string($code) ? $code : '', 'change', $by, [$what => $from->code], [$what => $to->code]);
    }
}
