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
     * @param  list<array{Grouping, string}>  $groups  groups that all of it belongs to, by their codes
     * @param  bool|null  $internal  whether only internal projects, or only others; null for both
     */
    public function __construct(
        public array $projects = [],
        public array $persons = [],
        public array $teams = [],
        public array $clients = [],
        public array $managers = [],
        public ?bool $internal = null,
        public array $groups = [],
    ) {
    }

    /** The same, but only what belongs to a group. */
    public function within(Grouping $grouping, string $code): self
    {
        return new self($this->projects, $this->persons, $this->teams, $this->clients, $this->managers, $this->internal, [...$this->groups, [$grouping, $code]]);
    }

    /** @param  Day  $day  any of the days that are looked at together */
    public function takes(WorkItem $subject, Day $day): bool
    {
        foreach ($this->groups as [$grouping, $code]) {
            if ($grouping->groupOf($subject, $day) !== $code) {
                return false;
            }
        }

        return self::has($this->projects, $subject->project)
            && self::has($this->persons, $subject->person)
            && self::has($this->teams, $subject->team)
            && self::has($this->clients, $subject->client)
            && self::has($this->managers, $subject->manager)
            && ($this->internal === null || $this->internal === $subject->isInternal);
    }

    /** Whether it asks about projects or what they belong to. */
    public function asksAboutProjects(): bool
    {
        return $this->projects !== [] || $this->clients !== [] || $this->managers !== [] || $this->internal !== null;
    }

    /** Whether it asks about people. */
    public function asksAboutPeople(): bool
    {
        return $this->persons !== [] || $this->teams !== [];
    }

    /** @param  list<string>  $named */
    private static function has(array $named, ?string $code): bool
    {
        return $named === [] || ($code !== null && in_array($code, $named, true));
    }
}
