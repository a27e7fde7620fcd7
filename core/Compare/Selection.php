<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;

/**
 * Which subjects a comparison takes: of each kind any of those named, all where none is named.
 */
final readonly class Selection
{
    /**
     * @param  list<string>  $projects
     * @param  list<string>  $persons
     * @param  list<string>  $teams
     * @param  list<string>  $clients
     * @param  list<string>  $managers  of projects
     * @param  list<array{Grouping, non-empty-list<string>}>  $groups  all of it belongs to one of these groups, by their codes, and so of each grouping that is listed
     * @param  list<string>  $roles
     * @param  list<string>  $chargeCodes  of tasks
     * @param  bool|null  $internal  whether only internal projects, or only others; null for both
     * @param  bool|null  $billable  whether only billable time, or only other time; null for both
     * @param  list<string>  $fieldValues  of the own field that the comparison asks for; `-` for nothing
     * @param  bool  $fieldIsOfPeople  whether that field belongs to people, and so to what their days ask of them
     */
    public function __construct(
        public array $projects = [],
        public array $persons = [],
        public array $teams = [],
        public array $clients = [],
        public array $managers = [],
        public ?bool $internal = null,
        public array $groups = [],
        public ?bool $billable = null,
        public array $roles = [],
        public array $chargeCodes = [],
        public array $fieldValues = [],
        public bool $fieldIsOfPeople = false,
    ) {
    }

    /**
     * The same, but only what belongs to any of these groups.
     *
     * @param  non-empty-list<string>  $codes
     */
    public function within(Grouping $grouping, array $codes): self
    {
        return new self($this->projects, $this->persons, $this->teams, $this->clients, $this->managers, $this->internal, [...$this->groups, [$grouping, $codes]], $this->billable, $this->roles, $this->chargeCodes, $this->fieldValues, $this->fieldIsOfPeople);
    }

    /** Whether nothing is left out. */
    public function takesEverything(): bool
    {
        return ! $this->asksAboutProjects() && ! $this->asksAboutTasks() && ! $this->asksAboutPeople() && $this->groups === [] && $this->fieldValues === [];
    }

    /** @param  Day|null  $day  any of the days that are looked at together; null for what belongs to none */
    public function takes(WorkItem $subject, ?Day $day): bool
    {
        foreach ($this->groups as [$grouping, $codes]) {
            if (($subject->isWork || $this->isOfPeople($grouping)) && ! in_array($grouping->groupOf($subject, $day), $codes, true)) {
                return false;
            }
        }

        return self::has($this->persons, $subject->person)
            && self::has($this->teams, $subject->team)
            && self::has($this->roles, $subject->role)
            && ((! $subject->isWork && ! $this->fieldIsOfPeople) || self::has($this->fieldValues, $subject->field ?? Grouping::NONE))
            && (! $subject->isWork || $this->takesWork($subject));
    }

    /** Whether it asks about projects or what they belong to. */
    public function asksAboutProjects(): bool
    {
        return $this->projects !== [] || $this->clients !== [] || $this->managers !== [] || $this->internal !== null;
    }

    /** Whether it asks about tasks, of which each knows its charge code and whether it is billable. */
    public function asksAboutTasks(): bool
    {
        return $this->chargeCodes !== [] || $this->billable !== null;
    }

    /** Whether it asks about people. */
    public function asksAboutPeople(): bool
    {
        return $this->persons !== [] || $this->teams !== [] || $this->roles !== [];
    }

    /** Whether what the days of people ask of them belongs to such groups. */
    private function isOfPeople(Grouping $grouping): bool
    {
        return $grouping->isByPerson() || $grouping->isByDay() || ($grouping === Grouping::OwnField && $this->fieldIsOfPeople);
    }

    private function takesWork(WorkItem $subject): bool
    {
        return self::has($this->projects, $subject->project)
            && self::has($this->clients, $subject->client)
            && self::has($this->managers, $subject->manager)
            && self::has($this->chargeCodes, $subject->chargeCode)
            && ($this->internal === null || $this->internal === $subject->isInternal)
            && ($this->billable === null || $this->billable === $subject->isBillable);
    }

    /** @param  list<string>  $named */
    private static function has(array $named, ?string $code): bool
    {
        return $named === [] || ($code !== null && in_array($code, $named, true));
    }
}
