<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\DaySpan;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Clock\Attendance;

/** Writes down from when to when somebody worked on a day, and their breaks; twice is the same as once. */
final readonly class SaveSpan
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  Attendance|null  $attendance  null for none */
    public function handle(Person $actor, Person $owner, Day $day, ?Attendance $attendance): void
    {
        DB::transaction(function () use ($actor, $owner, $day, $attendance): void {
            $stored = DaySpan::query()->where('person_id', $owner->id)->where('date', $day->toString())->first();
            [$before, $after] = [self::told($stored?->attendance()), self::told($attendance)];
            if ($before === $after) {
                return;
            }
            $stored?->delete();
            if ($attendance !== null) {
                DaySpan::query()->create([
                    'person_id' => $owner->id, 'date' => $day, 'starts_at' => $attendance->starts, 'ends_at' => $attendance->ends,
                    'break_minutes' => $attendance->breaks === [] ? $attendance->breakMinutes() : 0, 'breaks' => $attendance->breaks,
                ]);
            }
            $this->auditTrail->of([new AuditTrailLine('change', $actor->id, null, $owner->id, null, $day->toString(), $before, $after, '', AuditTrailSubject::Timesheet, 'start, end and break')]);
        });
    }

    /** @return array<string, string|int>|null */
    private static function told(?Attendance $attendance): ?array
    {
        return $attendance === null ? null : ['starts_at' => $attendance->starts, 'ends_at' => $attendance->ends, 'break_minutes' => $attendance->breakMinutes()->toInt()]
            + ($attendance->breaks === [] ? [] : ['breaks' => $attendance->breakText()]);
    }
}
