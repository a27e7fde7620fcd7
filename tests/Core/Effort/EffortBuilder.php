<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\DatedRate;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Money\Rate;
use Moss\Core\Money\RateCard;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Capacities;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** Builds one task in hours and dates of June 2026, and works out its figures. */
final class EffortBuilder
{
    private ?Minutes $ownPlanned = null;

    private ?Money $budget = null;

    private ?Day $doneOn = null;

    /** @var list<Assignment> */
    private array $assignments = [];

    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<RemainingEstimate> */
    private array $estimates = [];

    /** @var list<DatedRate> */
    private array $rates = [];

    public function planned(int $hours): self
    {
        $this->ownPlanned = Minutes::ofHours($hours);

        return $this;
    }

    public function budget(string $money): self
    {
        $this->budget = Money::of($money);

        return $this;
    }

    public function doneOn(string $day): self
    {
        $this->doneOn = Day::of($day);

        return $this;
    }

    public function assigned(Assignee $assignee, int $hours, string $first = '2026-06-01', string $last = '2026-06-30', ?string $role = null): self
    {
        $this->assignments[] = new Assignment($assignee, $role, Minutes::ofHours($hours), DayRange::between(Day::of($first), Day::of($last)));

        return $this;
    }

    public function entry(string $person, int $hours, string $day = '2026-06-10', EntryState $state = EntryState::Approved, ?string $team = null, ?string $role = null): self
    {
        $this->entries[] = new Entry($person, $team, $role, Day::of($day), Minutes::ofHours($hours), $state);

        return $this;
    }

    public function estimated(string $person, int $hours, string $day, bool $done = false, ?string $team = null): self
    {
        $this->estimates[] = new RemainingEstimate($person, $team, Day::of($day), Minutes::ofHours($hours), $done);

        return $this;
    }

    public function rate(?string $person, ?string $role, string $cost, string $from = '2026-01-01'): self
    {
        $this->rates[] = new DatedRate($person, $role, Day::of($from), Rate::of($cost), null);

        return $this;
    }

    public function effort(): TaskEffort
    {
        $task = new PlannedTask('P', null, 'T', $this->ownPlanned, $this->budget, null, $this->doneOn, $this->assignments);

        $pricing = $this->pricing();

        return TaskEffort::of($task, array_map(static fn (Entry $entry): RecordedEffort => RecordedEffort::priced($entry, $pricing), $this->entries), $this->estimates);
    }

    public function figures(string $today = '2026-06-17'): Figures
    {
        return $this->forecasting($today)->ofTask($this->effort());
    }

    /** @return list<AssigneeFigures> */
    public function assignees(string $today = '2026-06-17'): array
    {
        return $this->forecasting($today)->ofAssignees($this->effort());
    }

    private function forecasting(string $today): Forecasting
    {
        return new Forecasting($this->pricing(), Day::of($today), self::capacities());
    }

    /** Eight hours on every weekday, whoever it is. */
    public static function capacities(): Capacities
    {
        return Capacities::of(new Capacity(WorkPattern::standard(), HolidayCalendar::empty()));
    }

    private function pricing(): Pricing
    {
        return Pricing::from(RateCard::of($this->rates), []);
    }
}
