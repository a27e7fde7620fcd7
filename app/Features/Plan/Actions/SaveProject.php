<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Approval\RouteWaitingEntries;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\OwnFields\FieldsChange;
use App\OwnFields\OwnFieldsRefused;
use App\OwnFields\SaveOwnFields;
use App\OwnFields\TypedFields;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldSubject;

/** Creates a project from an intake, or changes what it is. */
final class SaveProject
{
    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly UpdateTotals $totals, private readonly AddPlanLines $lines, private readonly RouteWaitingEntries $routing, private readonly SaveOwnFields $fields, private readonly Today $today)
    {
    }

    /**
     * @param  string  $code  empty for one made of the name
     * @param  string  $hours  about how much; planned on a first task that is to be broken down
     *
     * @throws PlanRefused
     */
    public function create(Person $actor, string $code, ProjectSettings $settings, string $hours): Project
    {
        return DB::transaction(function () use ($actor, $code, $settings, $hours): Project {
            $isTaken = static fn (string $candidate): bool => Project::query()->where('code', $candidate)->exists();
            if ($code !== '' && $isTaken($code)) {
                throw PlanRefused::with(['code' => __('refusals.plan_row.project_taken', ['code' => $code])]);
            }
            $project = new Project(['code' => $code === '' ? PlanText::codeFor($settings->name, $isTaken) : $code, 'internal' => false]);
            $this->fill($actor, $project, $settings);
            $fields = $this->saveFields($actor, $project, $settings);
            $this->auditTrail->project($actor, $project, 'create', null, [...ProjectSettings::told($project), ...$fields->after]);
            $this->auditTrail->write();
            if (trim($hours) !== '') {
                $this->lines->handle($actor, $project, [new PlanLine(['task' => $settings->name, 'planned' => $hours, 'startsOn' => $settings->startsOn?->toString() ?? '', 'endsOn' => $settings->endsOn?->toString() ?? ''], null)]);
            }

            return $project;
        });
    }

    public function change(Person $actor, Project $project, ProjectSettings $settings): void
    {
        DB::transaction(function () use ($actor, $project, $settings): void {
            $project->load('client', 'manager');
            $before = ProjectSettings::told($project);
            $this->fill($actor, $project, $settings);
            $fields = $this->saveFields($actor, $project, $settings);
            $this->auditTrail->project($actor, $project, 'change', [...$before, ...$fields->before], [...ProjectSettings::told($project), ...$fields->after]);
            $changes = $this->auditTrail->write();
            // Tasks without dates of their own lie over those of the project.
            $this->totals->handle($project->wasChanged(['starts_on', 'ends_on']) ? $changes->plansOf(...self::tasks($project)) : $changes);
        });
        // What waits for the manager goes on to whoever manages it now.
        $this->routing->handle($project->id);
    }

    /** @return list<int> */
    private static function tasks(Project $project): array
    {
        return array_values(array_filter($project->tasks()->pluck('id')->all(), is_int(...)));
    }

    private function fill(Person $actor, Project $project, ProjectSettings $settings): void
    {
        $client = $this->client($actor, $settings->client);
        $manager = Person::query()->where('code', $settings->manager)->sole();
        $project->fill([
            'name' => $settings->name, 'client_id' => $client?->id, 'manager_id' => $manager->id, 'starts_on' => $settings->startsOn, 'ends_on' => $settings->endsOn,
            'billable' => $settings->billable, 'state' => $settings->isOpen ? 'open' : 'closed', 'estimate_mode' => $settings->estimateMode,
        ])->save();
        $project->setRelation('client', $client)->setRelation('manager', $manager);
    }

    /** @throws OwnFieldsRefused */
    private function saveFields(Person $actor, Project $project, ProjectSettings $settings): FieldsChange
    {
        $changes = $this->fields->handle(FieldSubject::Project, [$project->id => new TypedFields($settings->fields, $this->today->for($actor), null, $project->client?->code)], $settings->fields !== []);

        return $changes[$project->id] ?? new FieldsChange;
    }

    /** By code or name, in small or capital letters; somebody new is added. */
    private function client(Person $actor, string $text): ?Client
    {
        if ($text === '') {
            return null;
        }
        $isCalled = static fn (Client $client): bool => mb_strtolower($client->name) === mb_strtolower($text);
        $known = Client::query()->where('code', $text)->first() ?? Client::query()->whereLike('name', $text)->get()->first($isCalled);

        if ($known !== null) {
            return $known;
        }
        $client = Client::query()->create(['code' => PlanText::codeFor($text, static fn (string $code): bool => Client::query()->where('code', $code)->exists()), 'name' => $text]);
        $this->auditTrail->client($actor, $client);

        return $client;
    }
}
