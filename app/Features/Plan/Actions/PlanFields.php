<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\OwnFields\OwnFieldsRefused;
use App\OwnFields\SaveOwnFields;
use App\OwnFields\TypedFields;
use App\Support\Clock\Today;
use Moss\Core\OwnFields\FieldSubject;

/** Own fields of tasks, as they are typed into a plan among its other fields; all of an act are saved together. */
final class PlanFields
{
    /** What the key of an own field begins with, before its code. */
    private const MARK = 'own:';

    /** @var array<int, array{Task, string, array<string, string>}> tasks, where their faults are, and texts by the field's code */
    private array $typed = [];

    public function __construct(private readonly SaveOwnFields $save, private readonly PlanAuditTrail $auditTrail, private readonly Today $today)
    {
    }

    public static function isOwn(string $key): bool
    {
        return str_starts_with($key, self::MARK);
    }

    /**
     * @param  string  $place  of the row in what was asked
     * @param  array<string, string>  $texts  by key; only those of own fields count
     */
    public function add(Task $task, string $place, array $texts): void
    {
        $own = [];
        foreach ($texts as $key => $text) {
            if (self::isOwn($key)) {
                $own[substr($key, strlen(self::MARK))] = $text;
            }
        }
        if ($own !== []) {
            $this->typed[$task->id] = [$task, $place, [...$this->typed[$task->id][2] ?? [], ...$own]];
        }
    }

    /** @throws PlanRefused */
    public function save(Person $actor, Project $project): void
    {
        [$typed, $this->typed] = [$this->typed, []];
        $client = $typed === [] ? null : $project->loadMissing('client')->client?->code;
        try {
            $changes = $this->save->handle(FieldSubject::Task, array_map(fn (array $one): TypedFields => new TypedFields($one[2], $this->today->for($actor), null, $client), $typed));
        } catch (OwnFieldsRefused $refused) {
            $faults = [];
            foreach ($refused->faults as $task => $ofTask) {
                foreach ($ofTask as $code => $sentence) {
                    $faults[$typed[$task][1].'.'.self::MARK.$code] = $sentence;
                }
            }
            throw PlanRefused::with($faults);
        }
        foreach ($changes as $task => $change) {
            $this->auditTrail->task($actor, $project, $typed[$task][0], 'change', $change->before, $change->after);
        }
    }
}
