<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Models\Assignment;
use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** What was done to a plan, under the codes of project and task, which stay when a row goes. */
final class PlanAuditTrail
{
    /** What stands for somebody or something that has a code of its own, and where that is found. */
    private const CODED = ['person' => 'people', 'team' => 'teams', 'in_role' => 'roles'];

    /** @var list<AuditTrailLine> */
    private array $lines = [];

    /** @var array<int, true> tasks that it speaks of */
    private array $tasks = [];

    public function __construct(private readonly AuditTrail $auditTrail)
    {
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function project(Person $actor, Project $project, string $act, ?array $before, ?array $after, string $why = ''): void
    {
        $this->add($actor, AuditTrailSubject::Project, $project->code, $act, $before, $after, null, $why);
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function task(Person $actor, Project $project, Task $task, string $act, ?array $before, ?array $after): void
    {
        $this->tasks[$task->id] = true;
        $this->add($actor, AuditTrailSubject::Task, $project->code.'/'.$task->code, $act, $before, $after);
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function assignment(Person $actor, Project $project, Task $task, Assignment $assignment, string $act, ?array $before, ?array $after): void
    {
        $this->tasks[$task->id] = true;
        $this->add($actor, AuditTrailSubject::Assignment, $project->code.'/'.$task->code, $act, $before, $after, $assignment->person_id);
    }

    /** Somebody new for whom a project is. */
    public function client(Person $actor, Client $client): void
    {
        $this->add($actor, AuditTrailSubject::Client, $client->code, 'add', null, ['name' => $client->name]);
    }

    /** @return EffortChanges the plans that changed, to be handed on */
    public function write(): EffortChanges
    {
        $codes = [];
        foreach (self::CODED as $name => $table) {
            $codes[$name] = $this->codes($name, $table);
        }
        $this->auditTrail->of(array_map(
            static fn (AuditTrailLine $line): AuditTrailLine => $line->telling(self::coded($line->before, $codes), self::coded($line->after, $codes)),
            $this->lines,
        ));
        $changes = (new EffortChanges)->plansOf(...array_keys($this->tasks));
        [$this->lines, $this->tasks] = [[], []];

        return $changes;
    }

    /**
     * @param  array<string, string|int|null>|null  $values
     * @param  array<string, array<int, string>>  $codes
     * @return array<string, string|int|null>|null
     */
    private static function coded(?array $values, array $codes): ?array
    {
        foreach ($codes as $name => $byId) {
            if (isset($values[$name])) {
                $values[$name] = $byId[(int) $values[$name]] ?? $values[$name];
            }
        }

        return $values;
    }

    /** @return array<int, string> codes by id, of those that the lines notify of */
    private function codes(string $name, string $table): array
    {
        $ids = [];
        foreach ($this->lines as $line) {
            foreach ([$line->before[$name] ?? null, $line->after[$name] ?? null] as $id) {
                if ($id !== null) {
                    $ids[] = (int) $id;
                }
            }
        }
        $codes = [];
        foreach ($ids === [] ? [] : Record::all(DB::table($table)->select('id', 'code')->whereIntegerInRaw('id', array_unique($ids))) as $one) {
            $codes[$one->int('id')] = $one->string('code');
        }

        return $codes;
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function add(Person $actor, AuditTrailSubject $subject, string $name, string $act, ?array $before, ?array $after, ?int $person = null, string $why = ''): void
    {
        if ($before !== $after) {
            $this->lines[] = AuditTrailLine::on($subject, $name, $act, $actor, $before, $after, $person, $why);
        }
    }

    /** @return array<string, string|int|null> people, teams and roles by their ids, which become codes when it is written */
    public static function told(Assignment|Task $row): array
    {
        return AuditTrailLine::told($row instanceof Task
            ? ['name' => $row->name, 'planned_minutes' => $row->planned_minutes, 'budget_cents' => $row->budget_cents, 'starts_on' => $row->starts_on, 'ends_on' => $row->ends_on, 'charge_code' => $row->charge_code]
            : ['person' => $row->person_id, 'team' => $row->team_id, 'in_role' => $row->role_id, 'planned_minutes' => $row->planned_minutes, 'starts_on' => $row->starts_on, 'ends_on' => $row->ends_on]);
    }
}
