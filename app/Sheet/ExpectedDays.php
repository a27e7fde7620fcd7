<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Effort\WorkingTime;
use App\Models\Absence as AbsenceModel;
use App\Models\LeaveRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Sheet\Props\AbsenceProps;
use App\Sheet\Props\DayProps;
use App\Support\Database\Record;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Time\Minutes;

/** What a stretch of days asks of a person: expected hours, holidays, absences and leave that is asked for, in five queries. */
final readonly class ExpectedDays
{
    /** @param  array<string, list<array{AbsenceProps, AbsenceProps|null}>>  $absences  by day, for who may see all and for others */
    private function __construct(
        private ExpectedHours $expected,
        private WorkingTime $working,
        private Capacity $capacity,
        private HolidayCalendar $holidays,
        private array $absences,
        private bool $showsHours = true,
    ) {
    }

    public static function of(Person $person, DayRange $days): self
    {
        $working = WorkingTime::load();
        $capacity = $working->capacity($person->pattern, $person->calendar_id);
        $absences = [];
        $shown = [];
        foreach (Record::all(AbsenceModel::during($days)->where('absences.person_id', $person->id)) as $record) {
            $minutes = $record->intOrNull('minutes');
            $absences[] = new Absence(Day::of($record->string('date')), $minutes === null ? null : Minutes::of($minutes));
            $shown[$record->string('date')][] = [new AbsenceProps($record->string('kind'), $minutes), AbsenceProps::forOthers($record->string('kind'), $record->string('visible_to'))];
        }
        foreach (LeaveRequest::pencilled($person, $days) as $request) {
            foreach ($request->span()->days($capacity, $person->employment()) as $day) {
                $shown[$day->day->toString()][] = [new AbsenceProps($request->kind->name, $day->minutes?->toInt(), isPencilled: true), null];
            }
        }

        return new self(ExpectedHours::of($capacity, $person->employment(), $absences), $working, $capacity, $working->holidays($person->calendar_id), $shown);
    }

    /** For who may know that somebody is away, but neither why nor what their days ask of them. */
    public function withoutHours(): self
    {
        return new self($this->expected, $this->working, $this->capacity, $this->holidays, $this->absences, showsHours: false);
    }

    public function showsHours(): bool
    {
        return $this->showsHours;
    }

    public function hours(): ExpectedHours
    {
        return $this->expected;
    }

    /** What the person's days hold. */
    public function capacity(): Capacity
    {
        return $this->capacity;
    }

    public function organisation(): Organisation
    {
        return $this->working->organisation();
    }

    public function within(DayRange $days): Minutes
    {
        return $this->showsHours ? $this->expected->within($days) : Minutes::zero();
    }

    /** @return list<DayProps> */
    public function props(DayRange $days, Day $today): array
    {
        $props = [];
        foreach ($days as $day) {
            $props[] = new DayProps(
                $day->toString(),
                $this->showsHours ? $this->expected->on($day)->toInt() : null,
                $this->capacity->isWorkingDay($day),
                $day->equals($today),
                $this->holidays->on($day)?->name,
                array_values(array_filter(array_column($this->absences[$day->toString()] ?? [], $this->showsHours ? 0 : 1))),
            );
        }

        return $props;
    }
}
