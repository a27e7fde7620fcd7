<?php

declare(strict_types=1);

namespace App\Features\Month\Queries;

use App\Models\Entry;
use App\Models\Person;
use App\Sheet\ExpectedDays;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What days of a person hold, ask for, and have free. */
final readonly class MonthDays
{
    /**
     * @param  Collection<int, Entry>  $entries
     * @param  array<string, int>  $entered  by day
     * @param  array<string, true>  $handedIn  days with time that is submitted or further
     */
    private function __construct(public ExpectedDays $expected, public Collection $entries, private array $entered, private array $handedIn)
    {
    }

    public static function load(Person $owner, DayRange $days): self
    {
        $entries = Entry::query()->where('person_id', $owner->id)->during($days)->get();
        $entered = [];
        $handedIn = [];
        foreach ($entries as $entry) {
            $date = $entry->date->toString();
            $entered[$date] = ($entered[$date] ?? 0) + $entry->minutes->toInt();
            if (! $entry->state->isOpen()) {
                $handedIn[$date] = true;
            }
        }

        return new self(ExpectedDays::of($owner, $days), $entries, $entered, $handedIn);
    }

    /** What can be submitted. */
    public function open(): Minutes
    {
        return $this->inStates(static fn (EntryState $state): bool => $state->isOpen());
    }

    /** What is submitted and not decided. */
    public function submitted(): Minutes
    {
        return $this->inStates(static fn (EntryState $state): bool => $state === EntryState::Submitted);
    }

    /** @param  Closure(EntryState): bool  $isMeant */
    private function inStates(Closure $isMeant): Minutes
    {
        return Minutes::sum($this->entries->filter(static fn (Entry $entry): bool => $isMeant($entry->state))->map(static fn (Entry $entry): Minutes => $entry->minutes)->values());
    }

    /** Minutes of all lines. */
    public function entered(Day $day): int
    {
        return $this->entered[$day->toString()] ?? 0;
    }

    /** What is expected of a day and not entered yet; nothing where some of it has been submitted. */
    public function free(Day $day): Minutes
    {
        return isset($this->handedIn[$day->toString()])
            ? Minutes::zero()
            : $this->expected->hours()->on($day)->minus(Minutes::of($this->entered($day)))->notBelowZero();
    }
}
