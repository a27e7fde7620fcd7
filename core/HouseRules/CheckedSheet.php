<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\Attendance;
use Moss\Core\Time\Minutes;

/**
 * A person's week as the rules look at it.
 */
final readonly class CheckedSheet
{
    /**
     * @param  string|null  $team  the owner's
     * @param  bool  $isWhole  whether the whole week is being submitted, so that nothing more is to come
     * @param  array<string, string>  $absences  kinds by `YYYY-MM-DD`
     * @param  Minutes|null  $step  of the organisation's entries; null where there is none
     * @param  array<string, Attendance>  $attendance  by `YYYY-MM-DD`, also of the day before the week; only days that have it
     * @param  list<CheckedEntry>  $entries
     */
    public function __construct(
        public Week $week,
        public Day $today,
        public ?string $team,
        public bool $isWhole,
        public ExpectedHours $expected,
        public HolidayCalendar $holidays,
        public array $absences,
        public ?Minutes $step,
        public array $attendance,
        public array $entries,
    ) {
    }

    /** @return list<CheckedEntry> those that are to be checked */
    public function inQuestion(): array
    {
        return array_values(array_filter($this->entries, static fn (CheckedEntry $entry): bool => $entry->isInQuestion));
    }

    /** @return list<non-empty-list<CheckedEntry>> each line's, in the order of days */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->entries as $entry) {
            $lines[$entry->line->key()][] = $entry;
        }
        foreach ($lines as &$entries) {
            usort($entries, static fn (CheckedEntry $one, CheckedEntry $other): int => $other->day->daysUntil($one->day));
        }

        return array_values($lines);
    }

    public function enteredOn(Day $day): Minutes
    {
        return Minutes::sum(array_map(static fn (CheckedEntry $entry): Minutes => $entry->minutes, $this->on($day)));
    }

    public function entered(): Minutes
    {
        return Minutes::sum(array_map(static fn (CheckedEntry $entry): Minutes => $entry->minutes, $this->entries));
    }

    public function expectedInWeek(): Minutes
    {
        return $this->expected->within($this->week->days());
    }

    /** Whether something on the day is to be checked. */
    public function asksAbout(Day $day): bool
    {
        foreach ($this->on($day) as $entry) {
            if ($entry->isInQuestion) {
                return true;
            }
        }

        return false;
    }

    /** The kind of absence on a day; null where there is none. */
    public function absenceOn(Day $day): ?string
    {
        return $this->absences[$day->toString()] ?? null;
    }

    /** Whether a day that is asked about holds more than is expected. */
    public function holdsMoreThanExpected(Day $day): bool
    {
        return $this->asksAbout($day) && $this->enteredOn($day)->isMoreThan($this->expected->on($day));
    }

    /** Whether nothing more is to come for the week. */
    public function isComplete(): bool
    {
        return $this->isWhole || $this->today->isAfter($this->week->sunday());
    }

    /** @return list<CheckedEntry> */
    private function on(Day $day): array
    {
        return array_values(array_filter($this->entries, static fn (CheckedEntry $entry): bool => $entry->day->equals($day)));
    }
}
