<?php

declare(strict_types=1);

namespace Demo;

/**
 * Leave and sickness of the scenario, and who decides meanwhile.
 */
final class Absences
{
    /** Away this week and the next, with a stand-in. */
    public const APPROVER_AWAY = 'agnes.thornbury';

    public const STAND_IN = 'dov.merriman';

    /** @var list<list<string>> */
    public array $rows = [];

    /** @var array<string, array<string, int|null>> minutes by person and day; null for all that is expected */
    public array $minutes = [];

    public function __construct(private readonly Timeline $timeline)
    {
        foreach (array_keys(Cast::PEOPLE) as $number => $person) {
            // A week off in the half year behind, at another time for everybody, and one ahead.
            $this->away($person, -24 + ($number * 7) % 19, 1, 5, 'Leave');
            $this->away($person, 2 + ($number * 5) % 11, 1, 5, 'Leave');
            if ($number % 4 === 1) {
                $this->away($person, -3 - $number % 9, 2, 3, 'Sickness');
            }
        }
        $this->away(self::APPROVER_AWAY, 0, 1, 5, 'Leave');
        $this->away(self::APPROVER_AWAY, 1, 1, 5, 'Leave');
        $this->hours('ines.calder', 0, 1, 120, 'Dentist');
        $this->hours('rafe.penhallow', 0, 2, 240, 'Leave');
    }

    private function away(string $person, int $week, int $first, int $last, string $kind): void
    {
        for ($weekday = $first; $weekday <= $last; $weekday++) {
            $day = $this->timeline->day($week, $weekday);
            if (! isset($this->minutes[$person][$day->toString()]) && ! $this->timeline->capacity($person)->on($day)->isZero()) {
                $this->minutes[$person][$day->toString()] = null;
                $this->rows[] = [$person, $day->toString(), '', $kind];
            }
        }
    }

    private function hours(string $person, int $week, int $weekday, int $minutes, string $kind): void
    {
        $day = $this->timeline->day($week, $weekday)->toString();
        if (! array_key_exists($day, $this->minutes[$person] ?? [])) {
            $this->minutes[$person][$day] = $minutes;
            $this->rows[] = [$person, $day, $minutes.'m', $kind];
        }
    }
}
