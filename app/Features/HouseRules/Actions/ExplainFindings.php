<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\FindingExplanation;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Keeps the explanations with which findings are answered: all of them, or none; twice is the same as once. */
final readonly class ExplainFindings
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  list<Explanation>  $explanations */
    public function handle(Person $actor, Person $owner, array $explanations): void
    {
        if ($explanations === []) {
            return;
        }
        DB::transaction(function () use ($actor, $owner, $explanations): void {
            $before = [];
            $weeks = array_map(static fn (Explanation $one): string => $one->week->toString(), $explanations);
            foreach (Record::all(FindingExplanation::query()->toBase()->where('person_id', $owner->id)->whereIn('week', array_unique($weeks))) as $stored) {
                $before[self::key($stored->string('week'), $stored->string('rule'), $stored->intOrNull('task_id'), $stored->intOrNull('role_id'), $stored->stringOrNull('date'))] = $stored;
            }
            $gone = [];
            $new = [];
            $lines = [];
            foreach ($explanations as $explanation) {
                $known = $before[self::key($explanation->week->toString(), $explanation->rule, $explanation->task, $explanation->role, $explanation->date)] ?? null;
                $said = trim($explanation->explanation);
                if (($known?->string('explanation') ?? '') === $said) {
                    continue;
                }
                $gone[] = $known?->int('id');
                if ($said !== '') {
                    $new[] = ['person_id' => $owner->id, 'week' => $explanation->week->toString(), 'rule' => $explanation->rule, 'task_id' => $explanation->task, 'role_id' => $explanation->role, 'date' => $explanation->date, 'explanation' => $said];
                }
                $lines[] = new AuditTrailLine(
                    'explain', $actor->id, null, $owner->id, $explanation->task, $explanation->date,
                    $known === null ? null : ['role' => $explanation->role, 'explanation' => $known->string('explanation')], ['role' => $explanation->role, 'week' => $explanation->week->toString()], $said, AuditTrailSubject::Finding, $explanation->rule,
                );
            }
            FindingExplanation::query()->whereIntegerInRaw('id', array_filter($gone))->delete();
            FindingExplanation::query()->insert($new);
            $this->auditTrail->of($lines);
        });
    }

    private static function key(string $week, string $rule, ?int $task, ?int $role, ?string $date): string
    {
        return implode(' ', [$week, $rule, $task ?? '', $role ?? '', $date ?? '']);
    }
}
