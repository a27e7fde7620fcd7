<?php

declare(strict_types=1);

namespace App\Features\StandIns\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\Project;
use App\Models\StandIn;
use App\Models\StandInProject;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** Lets somebody decide in an absent approver's place on some days, for everything or some projects; twice is once. */
final readonly class AddStandIn
{
    public function __construct(private NotifyPeople $notify, private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  list<Project>  $projects  none for everything
     *
     * @throws StandInRefused
     */
    public function handle(Person $actor, Person $principal, Person $standIn, DayRange $days, array $projects, Day $today): void
    {
        $refusal = match (true) {
            $principal->id === $standIn->id => 'oneself',
            $standIn->isViewer() => 'viewer',
            $days->last()->isBefore($today) => 'past',
            default => null,
        };
        if ($refusal !== null) {
            throw StandInRefused::because($refusal);
        }
        DB::transaction(function () use ($actor, $principal, $standIn, $days, $projects): void {
            $key = ['person_id' => $principal->id, 'stand_in_id' => $standIn->id, 'starts_on' => $days->first()->toString()];
            $known = StandIn::query()->where($key)->first();
            $codes = array_map(static fn (Project $project): string => $project->code, $projects);
            sort($codes);
            $before = $known === null ? null : ['from' => $known->starts_on->toString(), 'to' => $known->ends_on->toString(), 'projects' => implode(' ', $this->codes($known))];
            $after = ['from' => $days->first()->toString(), 'to' => $days->last()->toString(), 'projects' => implode(' ', $codes)];
            if ($before === $after) {
                return;
            }
            $named = StandIn::query()->updateOrCreate($key, ['ends_on' => $days->last()->toString()]);
            StandInProject::query()->where('stand_in_id', $named->id)->delete();
            StandInProject::query()->insert(array_map(static fn (Project $project): array => ['stand_in_id' => $named->id, 'project_id' => $project->id], $projects));
            $this->notify->of([new Notice($standIn->id, MessageKind::StandInAdded, 'stand-in '.$named->id.' '.$days->last()->toString(), ['name' => $principal->name, 'from' => $days->first(), 'to' => $days->last()], '/stand-ins')]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::StandIn, $standIn->name, 'add', $actor, $before, $after, $principal->id)]);
        });
    }

    /** From today on; one that has not begun goes altogether. */
    public function end(Person $actor, StandIn $standIn, Day $today): void
    {
        DB::transaction(function () use ($actor, $standIn, $today): void {
            $before = ['from' => $standIn->starts_on->toString(), 'to' => $standIn->ends_on->toString()];
            $last = $today->plusDays(-1);
            if ($standIn->starts_on->isAfter($last)) {
                $standIn->delete();
            } else {
                $standIn->update(['ends_on' => $last]);
            }
            $name = Person::query()->whereKey($standIn->stand_in_id)->sole()->name;
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::StandIn, $name, 'remove', $actor, $before, $standIn->exists ? ['from' => $standIn->starts_on->toString(), 'to' => $last->toString()] : null, $standIn->person_id)]);
        });
    }

    /** @return list<string> */
    private function codes(StandIn $standIn): array
    {
        $codes = [];
        foreach (Project::query()->whereIn('id', StandInProject::query()->toBase()->select('project_id')->where('stand_in_id', $standIn->id))->orderBy('code')->get() as $project) {
            $codes[] = $project->code;
        }

        return $codes;
    }
}
