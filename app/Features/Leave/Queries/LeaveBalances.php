<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Effort\WorkingTime;
use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\HalfDays;
use Moss\Core\Leave\LeaveBalance;
use Moss\Core\Leave\LeaveState;
use Moss\Core\Time\Minutes;

/** What people have left of each kind of absence that has an allowance, for any number of people in a fixed number of queries. */
final readonly class LeaveBalances
{
    /**
     * @param  list<AbsenceKind>  $kinds  those with an allowance
     * @param  array<int, array<int, array<int, int>>>  $approved  half days by person, kind and year
     * @param  array<int, array<int, array<int, int>>>  $requested  likewise
     * @param  array<int, array<int, array<int, int>>>  $own  allowances likewise
     */
    private function __construct(private array $kinds, private array $approved, private array $requested, private array $own)
    {
    }

    /** @param  list<Person>  $people */
    public static function load(array $people, int $lastYear): self
    {
        $kinds = array_values(AbsenceKind::query()->whereNotNull('allowance')->where('is_retired', false)->orderBy('name')->get()->all());
        if ($kinds === [] || $people === []) {
            return new self([], [], [], []);
        }
        $first = min($lastYear, ...array_map(static fn (AbsenceKind $kind): int => $kind->allowance_from ?? $lastYear, $kinds));
        $days = DayRange::between(Day::of("$first-01-01"), Day::of("$lastYear-12-31"));
        $byId = [];
        $working = WorkingTime::load();
        foreach ($people as $person) {
            $byId[$person->id] = [$person, $working->capacity($person->pattern, $person->calendar_id)];
        }
        $names = array_column(array_map(static fn (AbsenceKind $kind): array => [$kind->name, $kind->id], $kinds), 1, 0);
        $approved = [];
        foreach (Record::all(Absence::during($days)->whereIntegerInRaw('absences.person_id', array_keys($byId))->whereIn('absence_kinds.name', array_keys($names))) as $absence) {
            $day = Day::of($absence->string('date'));
            $minutes = $absence->intOrNull('minutes');
            [$person, $capacity] = $byId[$absence->int('person_id')];
            $kind = $names[$absence->string('kind')];
            $approved[$person->id][$kind][$day->year()] = ($approved[$person->id][$kind][$day->year()] ?? 0) + HalfDays::of($capacity, $day, $minutes === null ? null : Minutes::of($minutes));
        }
        $requested = [];
        foreach (LeaveRequest::query()->whereIntegerInRaw('person_id', array_keys($byId))->whereIn('absence_kind_id', array_values($names))->where('state', LeaveState::Requested)->get() as $request) {
            [$person, $capacity] = $byId[$request->person_id];
            foreach ($request->span()->days($capacity, $person->employment()) as $day) {
                $year = $day->day->year();
                $requested[$person->id][$request->absence_kind_id][$year] = ($requested[$person->id][$request->absence_kind_id][$year] ?? 0) + $day->halfDays;
            }
        }
        $own = [];
        foreach (LeaveAllowance::query()->whereIntegerInRaw('person_id', array_keys($byId))->get() as $allowance) {
            $own[$allowance->person_id][$allowance->absence_kind_id][$allowance->year] = $allowance->half_days;
        }

        return new self($kinds, $approved, $requested, $own);
    }

    /** Null for a kind that has no allowance, or not yet in that year. */
    public function of(Person $person, int $kind, int $year): ?LeaveBalance
    {
        foreach ($this->kinds as $each) {
            $rule = $each->allowanceRule();
            if ($each->id === $kind && $rule !== null) {
                return LeaveBalance::of($rule, $year, $this->own[$person->id][$kind] ?? [], $this->approved[$person->id][$kind] ?? [], $this->requested[$person->id][$kind] ?? []);
            }
        }

        return null;
    }

    /** @return list<AbsenceKind> those with an allowance, by name */
    public function kinds(): array
    {
        return $this->kinds;
    }
}
