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
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WorkPattern;

/** The organisation's name and currency, its working week and its calendar, which hold for whoever has none of their own. */
final readonly class KeepOrganisation
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals, private Today $today)
    {
    }

    /** @param  Day|null  $from  the day from which the week holds; null where it always has */
    public function handle(?Person $by, string $name, string $currency, WorkPattern $week, ?Day $from, ?Calendar $calendar): void
    {
        DB::transaction(function () use ($by, $name, $currency, $week, $from, $calendar): void {
            $organisation = Organisation::query()->with('calendar')->sole();
            $pattern = $this->pattern(WorkPattern::of($organisation->pattern), $week, $from);
            $before = ['name' => $organisation->name, 'currency' => $organisation->currency, 'pattern' => $organisation->pattern, 'calendar' => $organisation->calendar?->code];
            $after = ['name' => $name, 'currency' => $currency, 'pattern' => $pattern->toString(), 'calendar' => $calendar?->code];
            if ($before === $after) {
                return;
            }
            $organisation->update(['name' => $name, 'currency' => $currency, 'pattern' => $after['pattern'], 'calendar_id' => $calendar?->id]);
            $changed = array_keys(array_diff_assoc($after, $before));
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'organisation', 'set', $by, array_intersect_key($before, array_flip($changed)), array_intersect_key($after, array_flip($changed)))]);
            if (array_intersect(['pattern', 'calendar'], $changed) !== []) {
                $this->totals->handle((new EffortChanges)->widely(RecalculationScope::workingTime()));
            }
        });
    }

    /** What held before still does; where the same holds already, everything stays. */
    private function pattern(WorkPattern $stored, WorkPattern $week, ?Day $from): WorkPattern
    {
        return match (true) {
            $from !== null => $stored->from($from, $week),
            $stored->heldOn($this->today->in('UTC'))->toString() === $week->toString() => $stored,
            default => $week,
        };
    }

    /** A calendar without holidays yet, under a name that none has. */
    public function addCalendar(?Person $by, string $code): Calendar
    {
        return DB::transaction(function () use ($by, $code): Calendar {
            $calendar = Calendar::query()->create(['code' => $code]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Holiday, $code, 'create', $by, null, ['calendar' => $code])]);

            return $calendar;
        });
    }
}
