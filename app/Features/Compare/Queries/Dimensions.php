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

    public static function of(Selection $selection, Grouping ...$groupings): self
    {
        $groupings = [...$groupings, ...array_column($selection->groups, 0)];
        $asks = static fn (Grouping ...$about): bool => array_filter($groupings, static fn (Grouping $one): bool => in_array($one, $about, true)) !== [];
        $roles = $asks(Grouping::Role);

        return new self(
            $asks(Grouping::Project, Grouping::Client, Grouping::Manager, Grouping::Phase, Grouping::Task, Grouping::ChargeCode) || $selection->asksAboutProjects(),
            $roles || $asks(Grouping::Person, Grouping::Team) || $selection->asksAboutPeople(),
            $roles,
            array_filter($groupings, static fn (Grouping $one): bool => $one->isByDay()) !== [],
        );
    }

    /** @return list<string> columns of both recorded and planned totals */
    public function columns(): array
    {
        return array_keys(array_filter(['task_id' => $this->tasks, 'person_id' => $this->people, 'role_id' => $this->roles, 'starts_on' => $this->days]));
    }
}
