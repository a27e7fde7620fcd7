<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Models\Absence;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Leave\LeaveState;

/** What of a person's days is taken by absences, and by leave that is asked for, in two queries. */
final readonly class DaysTaken
{
    /** @param  array<string, list<array{kind: string, minutes: int}>>  $byDay */
    private function __construct(private array $byDay)
    {
    }

    /** @param  list<LeaveRequest>  $besides  which are about to go, with their kinds */
    public static function of(Person $person, DayRange $days, Capacity $capacity, array $besides): self
    {
        $byDay = [];
        foreach (Record::all(Absence::during($days)->where('absences.person_id', $person->id)) as $absence) {
            $day = Day::of($absence->string('date'));
            $isGoing = array_filter($besides, static fn (LeaveRequest $request): bool => $request->state === LeaveState::Approved && $request->kind->name === $absence->string('kind') && $request->span()->days->includes($day)) !== [];
            if (! $isGoing) {
                $byDay[$day->toString()][] = ['kind' => $absence->string('kind'), 'minutes' => $absence->intOrNull('minutes') ?? $capacity->on($day)->toInt()];
            }
        }
        $ids = array_map(static fn (LeaveRequest $request): int => $request->id, $besides);
        foreach (LeaveRequest::pencilled($person, $days) as $request) {
            if (! in_array($request->id, $ids, true)) {
                foreach ($request->span()->days($capacity, $person->employment()) as $day) {
                    $byDay[$day->day->toString()][] = ['kind' => $request->kind->name, 'minutes' => $day->off->toInt()];
                }
            }
        }

        return new self($byDay);
    }

    /**
     * @param  list<LeaveDay>  $days  to be away on
     * @return array{Day, string}|null the first of them on which something is in the way, and of what kind that is
     */
    public function firstInTheWay(array $days, string $kind, Capacity $capacity): ?array
    {
        foreach ($days as $day) {
            $found = $this->inTheWay($day->day, $kind, $day->off->toInt(), $capacity->on($day->day)->toInt());
            if ($found !== null) {
                return [$day->day, $found];
            }
        }

        return null;
    }

    private function inTheWay(Day $day, string $kind, int $minutes, int $held): ?string
    {
        $taken = $this->byDay[$day->toString()] ?? [];
        foreach ($taken as $one) {
            if ($one['kind'] === $kind) {
                return $kind;
            }
        }

        return $taken !== [] && array_sum(array_column($taken, 'minutes')) + $minutes > $held ? $taken[0]['kind'] : null;
    }
}
