<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Capacity;

/** What the days of assignees hold: a person's own working time; for teams, and for hours that are nobody's, the organisation's. */
final readonly class Capacities
{
    /** @param  array<array-key, Capacity>  $people  by person code */
    private function __construct(private Capacity $organisation, private array $people)
    {
    }

    /** @param  array<array-key, Capacity>  $people  by person code; who is not among them has the organisation's */
    public static function of(Capacity $organisation, array $people = []): self
    {
        return new self($organisation, $people);
    }

    /** @param  Assignee|null  $assignee  null for hours that nobody is assigned to */
    public function for(?Assignee $assignee): Capacity
    {
        return $assignee === null || $assignee->isTeam ? $this->organisation : $this->people[$assignee->code] ?? $this->organisation;
    }
}
