<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Features\HouseRules\Props\FindingProps;
use App\Features\HouseRules\Queries\EntryToCheck;
use App\Features\HouseRules\Queries\SheetFindings;
use App\Features\HouseRules\Queries\WeekFindings;
use App\Features\Submission\Actions\Selection;
use App\Models\Person;
use Closure;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\Finding;

/** What of some days goes, and what the house rules find in the weeks that they lie in. */
final readonly class FindingsOfDays
{
    /** @param  list<array{Week, WeekFindings}>  $weeks  at least one */
    private function __construct(private DayRange $days, private Selection $selection, public array $weeks)
    {
    }

    /** @param  Closure(EntryToCheck): bool|null  $besides  what is looked at beside what goes */
    public static function load(Person $owner, DayRange $days, Day $today, Selection $selection, ?Closure $besides = null): self
    {
        $first = Week::containing($days->first());
        $findings = SheetFindings::load([$owner], DayRange::between($first->monday(), Week::containing($days->last())->sunday()));
        $inQuestion = static fn (EntryToCheck $entry): bool => ($selection->takes($entry) && $days->includes($entry->date)) || ($besides !== null && $besides($entry));
        $weeks = [];
        foreach (TimesheetPeriod::byWeek($days) as $name => $part) {
            $week = Week::of($name);
            // Of a week that goes on after the days, more is to come.
            $isWhole = $selection->isWhole() && $part->last()->equals($week->sunday());
            $weeks[] = [$week, $findings->of($owner, $week, $today, $isWhole, $inQuestion)];
        }

        return new self($days, $selection, $weeks);
    }

    /** @return list<EntryToCheck> */
    public function going(): array
    {
        return array_values(array_filter(
            array_merge(...array_map(static fn (array $one): array => $one[1]->entries, $this->weeks)),
            fn (EntryToCheck $entry): bool => $entry->corrects === null && $this->selection->takes($entry) && $this->days->includes($entry->date),
        ));
    }

    /** @return list<Finding> those that block, or ask and were not answered */
    public function standingInTheWay(): array
    {
        return array_merge(...array_map(static fn (array $one): array => $one[1]->standingInTheWay(), $this->weeks));
    }

    /** @return array<int, bool> whether each entry in question needs attention, by id */
    public function needingALook(): array
    {
        return array_replace(...array_map(static fn (array $one): array => $one[1]->needingALook(), $this->weeks));
    }

    /** @return list<FindingProps> */
    public function props(Person $reader): array
    {
        return array_merge(...array_map(static fn (array $one): array => $one[1]->props($reader), $this->weeks));
    }
}
