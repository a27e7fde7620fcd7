<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\DaySpan;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Writes down from when to when somebody worked on a day; twice is the same as once. */
final readonly class SaveSpan
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  array{int, int, int}|null  $span  start and end in minutes after midnight, and the break; null for none */
    public function handle(Person $actor, Person $owner, Day $day, ?array $span): void
    {
        DB::transaction(function () use ($actor, $owner, $day, $span): void {
            $key = ['person_id' => $owner->id, 'date' => $day->toString()];
            $stored = Record::all(DaySpan::query()->toBase()->where($key))[0] ?? null;
            $before = $stored?->only('starts_at', 'ends_at', 'break_minutes');
            $after = $span === null ? null : ['starts_at' => $span[0], 'ends_at' => $span[1], 'break_minutes' => $span[2]];
            if ($before === $after) {
                return;
            }
            DaySpan::query()->where($key)->delete();
            if ($after !== null) {
                DaySpan::query()->insert($key + $after);
            }
            $this->auditTrail->of([new AuditTrailLine('change', $actor->id, null, $owner->id, null, $day->toString(), $before, $after, '', AuditTrailSubject::Timesheet, 'start, end and break')]);
        });
    }
}
