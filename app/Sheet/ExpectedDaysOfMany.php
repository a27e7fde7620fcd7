<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Effort\WorkingTime;
use App\Models\Absence as AbsenceModel;
use App\Sheet\Props\AbsenceProps;
use App\Sheet\Props\DayProps;
use App\Support\Database\Record;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** What weeks ask of any number of people, in three queries. */
final class ExpectedDaysOfMany
{
    /** @var array<string, Minutes> of whoever is employed throughout and never away, by pattern, calendar and days */
    private array $usual = [];

    /** @var array<string, list<int>> of the same people on each day, likewise */
    private array $usualDays = [];

    /** @param  array<int, list<Record>>  $absences  by person */
    private function __construct(private readonly WorkingTime $working, private readonly array $absences)
    {
    }

    /**
     * @param  list<PersonWorkTime>  $people
     * @param  non-empty-list<Week>  $weeks
     */
    public static function load(array $people, array $weeks): self
    {
        $mondays = array_map(static fn (Week $week): string => $week->monday()->toString(), $weeks);

        return self::during($people, DayRange::between(Day::of(min($mondays)), Day::of(max($mondays))->plusDays(6)));
    }

    /** @param  list<PersonWorkTime>  $people */
    public static function during(array $people, DayRange $days): self
    {
        $query = AbsenceModel::during($days)->whereIntegerInRaw('absences.person_id', array_map(static fn (PersonWorkTime $person): int => $person->id, $people));
        $absences = [];
        foreach (Record::all($query) as $record) {
            $absences[$record->int('person_id')][] = $record;
        }

        return new self(WorkingTime::load(), $absences);
    }

    /** @return list<int> minutes of every day, in order */
    public function byDay(PersonWorkTime $person, DayRange $days): array
    {
        if (! $this->isUsual($person)) {
            return self::each($this->hours($person), $days);
        }

        return $this->usualDays[implode('/', [$person->pattern, $person->calendarId, $days->first()->toString(), $days->last()->toString()])] ??= self::each($this->hours($person), $days);
    }

    public function expected(PersonWorkTime $person, DayRange $days): Minutes
    {
        if (! $this->isUsual($person)) {
            return $this->hours($person)->within($days);
        }

        return $this->usual[implode('/', [$person->pattern, $person->calendarId, $days->first()->toString(), $days->last()->toString()])] ??= $this->hours($person)->within($days);
    }

    public function hours(PersonWorkTime $person): ExpectedHours
    {
        $absences = array_map(static fn (Record $record): Absence => new Absence(
            Day::of($record->string('date')),
            $record->intOrNull('minutes') === null ? null : Minutes::of($record->int('minutes')),
        ), $this->absences[$person->id] ?? []);

        return ExpectedHours::of($this->working->capacity($person->pattern, $person->calendarId), $person->employment(), $absences);
    }

    /** Whether the person is employed throughout and never away. */
    private function isUsual(PersonWorkTime $person): bool
    {
        return ! isset($this->absences[$person->id]) && $person->isEmployedThroughout();
    }

    /** @return list<int> */
    private static function each(ExpectedHours $hours, DayRange $days): array
    {
        $minutes = [];
        foreach ($days as $day) {
            $minutes[] = $hours->on($day)->toInt();
        }

        return $minutes;
    }

    /**
     * @param  bool  $isWhole  whether the reader may know what the days ask of the person, and why they are away
     * @return list<DayProps>
     */
    public function props(PersonWorkTime $person, Week $week, Day $today, bool $isWhole = true): array
    {
        $capacity = $this->working->capacity($person->pattern, $person->calendarId);
        $expected = $this->hours($person);
        $props = [];
        foreach ($week->days() as $day) {
            $absences = array_values(array_filter($this->absences[$person->id] ?? [], static fn (Record $absence): bool => $absence->string('date') === $day->toString()));
            $props[] = new DayProps(
                $day->toString(),
                $isWhole ? $expected->on($day)->toInt() : null,
                $capacity->isWorkingDay($day),
                $day->equals($today),
                $this->working->holidays($person->calendarId)->on($day)?->name,
                array_map(static fn (Record $absence): AbsenceProps => $isWhole
                    ? new AbsenceProps($absence->string('kind'), $absence->intOrNull('minutes'))
                    : AbsenceProps::forOthers($absence->string('kind'), $absence->string('visible_to')), $absences),
            );
        }

        return $props;
    }
}
