<?php

declare(strict_types=1);

namespace App\Features\Calendars\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Renames calendars, removes those that nobody has, and merges two. */
final readonly class KeepCalendars
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    public function rename(Person $by, Calendar $calendar, string $code): void
    {
        DB::transaction(function () use ($by, $calendar, $code): void {
            $before = $calendar->code;
            $calendar->update(['code' => $code]);
            $this->tell($by, $code, 'change', ['calendar' => $before], ['calendar' => $code]);
        });
    }

    /** @return bool false if it is the organisation's or somebody's */
    public function remove(Person $by, Calendar $calendar): bool
    {
        return DB::transaction(function () use ($by, $calendar): bool {
            if (Person::query()->where('calendar_id', $calendar->id)->exists() || Organisation::query()->where('calendar_id', $calendar->id)->exists()) {
                return false;
            }
            $this->drop($by, $calendar, 'remove', null);

            return true;
        });
    }

    /** Whoever has the one has the other from now on; the other's holidays hold, as they are. */
    public function merge(Person $by, Calendar $calendar, Calendar $into): void
    {
        DB::transaction(function () use ($by, $calendar, $into): void {
            Person::query()->where('calendar_id', $calendar->id)->update(['calendar_id' => $into->id]);
            Organisation::query()->where('calendar_id', $calendar->id)->update(['calendar_id' => $into->id]);
            $this->drop($by, $calendar, 'merge', ['calendar' => $into->code]);
            $this->totals->handle((new EffortChanges)->widely(RecalculationScope::workingTime()));
        });
    }

    /** @param  array<string, string>|null  $after */
    private function drop(Person $by, Calendar $calendar, string $act, ?array $after): void
    {
        Holiday::query()->where('calendar_id', $calendar->id)->delete();
        $calendar->delete();
        $this->tell($by, $calendar->code, $act, ['calendar' => $calendar->code], $after);
    }

    /**
     * @param  array<string, string>|null  $before
     * @param  array<string, string>|null  $after
     */
    private function tell(Person $by, string $code, string $act, ?array $before, ?array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Holiday, $code, $act, $by, $before, $after)]);
    }
}
