<?php

declare(strict_types=1);

namespace App\Features\Calendars\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Calendars\Queries\CountryHolidays;
use App\Http\Input\WorkDay;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Person;
use App\Support\Files\Calendar\CalendarEvent;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Adds, changes and removes public holidays. What is planned over them is spread again in the background. */
final readonly class KeepHolidays
{
    /** So many days of a calendar file are holidays. */
    private const MOST_OF_FILE = 1000;

    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /**
     * One that is there on that day becomes another.
     *
     * @param  string  $part  of the day that is off, a decimal from 0 to 1
     */
    public function set(?Person $by, Calendar $calendar, Day $day, string $name, string $part): void
    {
        $this->setAll($by, $calendar, [[$day->toString(), $name, $part]]);
    }

    /** Those of a country in some years; what is there already on a day stays. */
    public function addOfCountry(?Person $by, Calendar $calendar, string $country, int ...$years): int
    {
        $added = [];
        foreach ($years as $year) {
            foreach (CountryHolidays::in($country, $year) as $holiday) {
                $added[] = [$holiday->day->toString(), $holiday->name, '1'];
            }
        }

        return $this->addNew($by, $calendar, $added);
    }

    /**
     * The holidays of a year on the same days of another; what is there already on a day stays, and 29 February has no other year.
     *
     * @return int how many are new
     */
    public function copyYear(Person $by, Calendar $calendar, int $from, int $to): int
    {
        $copied = [];
        foreach ($calendar->holidays()->whereBetween('date', ["$from-01-01", "$from-12-31"])->orderBy('date')->get() as $holiday) {
            $date = $to.substr($holiday->date->toString(), 4);
            if (checkdate((int) substr($date, 5, 2), (int) substr($date, 8), $to)) {
                $copied[] = [$date, $holiday->name, $holiday->part];
            }
        }

        return $this->addNew($by, $calendar, $copied);
    }

    /**
     * Whole days of a calendar file; what is there already on a day stays.
     *
     * @param  list<CalendarEvent>  $events
     * @return int how many are new
     */
    public function addEvents(Person $by, Calendar $calendar, array $events): int
    {
        $limits = WorkDay::limits();
        $added = [];
        foreach ($events as $event) {
            foreach ($event->days as $day) {
                if ($limits->includes($day) && count($added) < self::MOST_OF_FILE) {
                    $added[] = [$day->toString(), $event->summary === '' ? $day->toString() : $event->summary, '1'];
                }
            }
        }

        return $this->addNew($by, $calendar, $added);
    }

    public function remove(Person $by, Holiday $holiday): void
    {
        DB::transaction(function () use ($by, $holiday): void {
            $holiday->delete();
            $before = ['date' => $holiday->date->toString(), 'name' => $holiday->name, 'part' => $holiday->part];
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Holiday, $holiday->calendar->code, 'remove', $by, $before, null)]);
            $this->totals->handle((new EffortChanges)->widely(RecalculationScope::holiday($holiday->date->toString())));
        });
    }

    /**
     * @param  list<array{string, string, string}>  $holidays  day, name, part; of a day that occurs twice the first
     * @return int how many are on days without one yet
     */
    private function addNew(?Person $by, Calendar $calendar, array $holidays): int
    {
        $known = $calendar->holidays()->pluck('date')->map(static fn (mixed $date): string => $date instanceof Day ? $date->toString() : '')->all();
        $new = [];
        foreach ($holidays as $holiday) {
            if (! in_array($holiday[0], $known, true)) {
                $new[$holiday[0]] ??= $holiday;
            }
        }
        $this->setAll($by, $calendar, array_values($new));

        return count($new);
    }

    /** @param  list<array{string, string, string}>  $holidays  day, name, part */
    private function setAll(?Person $by, Calendar $calendar, array $holidays): void
    {
        DB::transaction(function () use ($by, $calendar, $holidays): void {
            $before = [];
            foreach ($calendar->holidays()->whereIn('date', array_column($holidays, 0))->get() as $holiday) {
                $before[$holiday->date->toString()] = ['date' => $holiday->date->toString(), 'name' => $holiday->name, 'part' => $holiday->part];
            }
            $changes = new EffortChanges;
            $lines = [];
            foreach ($holidays as [$date, $name, $part]) {
                $after = ['date' => $date, 'name' => $name, 'part' => $part];
                if (($before[$date] ?? null) === $after) {
                    continue;
                }
                $lines[] = AuditTrailLine::on(AuditTrailSubject::Holiday, $calendar->code, isset($before[$date]) ? 'change' : 'add', $by, $before[$date] ?? null, $after);
                $changes->widely(RecalculationScope::holiday($date));
            }
            Holiday::query()->upsert(array_map(static fn (array $one): array => ['calendar_id' => $calendar->id, 'date' => $one[0], 'name' => $one[1], 'part' => $one[2]], $holidays), ['calendar_id', 'date']);
            $this->auditTrail->of($lines);
            $this->totals->handle($changes);
        });
    }
}
