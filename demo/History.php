<?php

declare(strict_types=1);

namespace Demo;

use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What people have recorded up to today: near their plan, never quite on it, and full days.
 */
final class History
{
    private const SEED = 1786;

    private const STEP = 15;

    /** @var list<list<string>> */
    public array $entries = [];

    /** @var array<string, int> minutes by project, task and person */
    private array $recorded = [];

    private readonly Randomizer $random;

    public function __construct(private readonly Timeline $timeline, private readonly Plan $plan, private readonly Absences $absences)
    {
        $this->random = new Randomizer(new Mt19937(self::SEED));
        foreach (array_keys(Cast::PEOPLE) as $number => $person) {
            if (Cast::PEOPLE[$person][3] !== 'viewer') {
                $this->person($person, $number);
            }
        }
    }

    public function recordedOn(string $project, string $task, string $person): int
    {
        return $this->recorded[$project.' '.$task.' '.$person] ?? 0;
    }

    private function person(string $person, int $number): void
    {
        $absences = [];
        foreach ($this->absences->minutes[$person] ?? [] as $day => $minutes) {
            $absences[] = new Absence(Day::of($day), $minutes === null ? null : Minutes::of($minutes));
        }
        $expected = ExpectedHours::of($this->timeline->capacity($person), new Employment(null, null), $absences);
        $work = array_values(array_filter($this->plan->work, static fn (PlannedWork $work): bool => $work->person === $person));
        $lastWeek = in_array($person, Cast::LATE, true) ? -4 : 0;
        $lastDay = $this->timeline->weekOf($this->timeline->today) === $lastWeek ? $this->timeline->today->plusDays(-($number % 2)) : $this->timeline->day($lastWeek, 7);
        for ($day = $this->timeline->day(Timeline::FIRST, 1); ! $day->isAfter($lastDay); $day = $day->plusDays(1)) {
            $minutes = $expected->on($day)->toInt();
            if ($minutes > 0) {
                $this->day($person, $number, $day, $minutes, $work);
            }
        }
    }

    /** @param  list<PlannedWork>  $work */
    private function day(string $person, int $number, Day $day, int $expected, array $work): void
    {
        $shares = [];
        foreach ($work as $planned) {
            $shareOfDay = intdiv($planned->spread->on($day)->toInt() * (100 + $planned->longer), 100);
            $share = intdiv($shareOfDay + 7, self::STEP) * self::STEP + self::STEP * $this->random->getInt(-2, 2);
            if ($planned->spread->on($day)->toInt() > 0 && $share >= 30) {
                $shares[] = [$planned->project, $planned->task, $planned->role, $share];
            }
        }
        $most = $person === Cast::OVERLOADED ? $expected + 120 : $expected;
        $sum = array_sum(array_column($shares, 3));
        $left = min($sum, $most);
        foreach ($shares as $index => [$project, $task, $role, $share]) {
            $fitted = $sum > $most ? intdiv($share * $most, $sum) : $share;
            // The last takes what rounding has left, so that a full day is full.
            $minutes = $index === count($shares) - 1 ? $left : min($left, intdiv($fitted + 7, self::STEP) * self::STEP);
            $this->entry($person, $number, $project, $task, $role, $day, $minutes);
            $left -= $minutes;
        }
        $this->nonProjectTime($person, $number, $day, max(0, $expected - $sum));
    }

    private function nonProjectTime(string $person, int $number, Day $day, int $rest): void
    {
        $team = Cast::PEOPLE[$person][1];
        $meeting = $day->weekday() === 1 ? min(60, $rest) : 0;
        $this->entry($person, $number, Portfolio::INTERNAL, 'MEETINGS', '', $day, $meeting);
        $rest -= $meeting;
        if ($team === 'wetland' && $this->timeline->weekOf($day) >= -3 && $number % 3 !== 0 && $rest >= 60) {
            $this->entry($person, $number, 'PEAT', 'SPHAGNUM', 'ranger', $day, 60);
            $rest -= 60;
        }
        $tasks = $team === 'office' ? ['ADMIN'] : ['WORKSHOP', 'OFFERS', 'TRAINING'];
        $this->entry($person, $number, Portfolio::INTERNAL, $tasks[($number + $this->timeline->weekOf($day) + 60) % count($tasks)], '', $day, $rest);
    }

    private function entry(string $person, int $number, string $project, string $task, string $role, Day $day, int $minutes): void
    {
        if ($minutes <= 0) {
            return;
        }
        $this->recorded[$project.' '.$task.' '.$person] = $this->recordedOn($project, $task, $person) + $minutes;
        $notes = Portfolio::NOTES[$task] ?? [];
        $note = $notes !== [] && $this->random->getInt(0, 3) === 0 ? $notes[$this->random->getInt(0, count($notes) - 1)] : '';
        $this->entries[] = [
            $person, $project, $task, $role, $day->toString(), HoursFormat::exact(Minutes::of($minutes)),
            $this->state($this->timeline->weekOf($day), $number, $project), '', $note, '', '',
        ];
    }

    private function state(int $week, int $number, string $project): string
    {
        return match (true) {
            $week < -5 => 'settled',
            $week < -1 => 'approved',
            $week === 0 || $number % 7 === 3 => 'draft',
            $project === 'BEES' || $number % 5 === 4 => 'approved',
            default => 'submitted',
        };
    }
}
