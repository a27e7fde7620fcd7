<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** By what sums are told apart: only what grouping and selection ask for, so that as few rows as possible are read. */
final readonly class Dimensions
{
    private function __construct(public bool $tasks, public bool $people, public bool $roles, public bool $days)
    {
    }

    public static function of(Grouping $grouping, Selection $selection): self
    {
        $byRole = $grouping === Grouping::Role;

        return new self(
            in_array($grouping, [Grouping::Project, Grouping::Client, Grouping::Phase, Grouping::Task], true) || $selection->projects !== [] || $selection->clients !== [],
            $byRole || in_array($grouping, [Grouping::Person, Grouping::Team], true) || $selection->persons !== [] || $selection->teams !== [],
            $byRole,
            $grouping->isByDay(),
        );
    }

    /** @return list<string> columns of both recorded and planned totals */
    public function columns(): array
    {
        return array_keys(array_filter(['task_id' => $this->tasks, 'person_id' => $this->people, 'role_id' => $this->roles, 'starts_on' => $this->days]));
    }
}
