<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Effort\WorkingTime;
use App\Models\Absence as AbsenceModel;
use App\Models\Organisation;
use App\Models\Person;
use App\Sheet\Props\AbsenceProps;
use App\Sheet\Props\DayProps;
use App\Support\Database\Record;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Time\Minutes;

/** What a stretch of days asks of a person: expected hours, holidays and absences, in three queries. */
final readonly class ExpectedDays
{
    /** @param  array<string, list<AbsenceProps>>  $absences  by day */
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
        $query = AbsenceModel::query()->toBase()->select('date', 'minutes', 'kind')->where('person_id', $person->id)
            ->whereBetween('date', [$days->first()->toString(), $days->last()->toString()])->orderBy('date')->orderBy('kind');
        $absences = [];
        $shown = [];
        foreach (Record::all($query) as $record) {
            $minutes = $record->intOrNull('minutes');
            $absences[] = new Absence(Day::of($record->string('date')), $minutes === null ? null : Minutes::of($minutes));
            $shown[$record->string('date')][] = new AbsenceProps($record->string('kind'), $minutes);
        }

        return new self(ExpectedHours::of($capacity, $person->employment(), $absences), $working, $capacity, $working->holidays($person->calendar_id), $shown);
    }

    /** For who may know that somebody is away, but neither why nor what their days ask of them. */
    public function withoutHours(): self
    {
        $absences = array_map(static fn (): array => [new AbsenceProps(Wording::refusal('absent'), null)], $this->absences);

        return new self($this->expected, $this->working, $this->capacity, $this->holidays, $absences, showsHours: false);
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
                $this->absences[$day->toString()] ?? [],
            );
        }

        return $props;
    }
}
