<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

/**
 * What minutes belong to, recorded or planned.
 */
final readonly class WorkItem
{
    /**
     * @param  string|null  $project  null, like any of the others, where neither grouping nor selection asks for it
     * @param  string|null  $person  null where a team's plan or nobody's
     * @param  string|null  $team  the person's team, or the team planned for
     * @param  string|null  $manager  of the project
     * @param  string|null  $chargeCode  null also where a task has none
     * @param  bool  $isInternal  whether the project holds people's own time, as leave and training
     * @param  bool  $isBillable  as the entry has it, else its task
     * @param  bool  $isWork  false for what the days of a person ask of them
     * @param  string|null  $role  the entry's or assignment's own role, else the person's usual one
     * @param  string|null  $field  what the own field holds that the comparison asks for
     */
    public function __construct(
        public ?string $project,
        public ?string $client,
        public ?string $phase,
        public ?string $task,
        public ?string $person,
        public ?string $team,
        public ?string $role,
        public ?string $manager = null,
        public ?string $chargeCode = null,
        public bool $isInternal = false,
        public bool $isBillable = false,
        public bool $isWork = true,
        public ?string $field = null,
    ) {
    }

    /** What the days of a person ask of them, which belongs to no project. */
    public static function attendance(string $person, ?string $team, ?string $usualRole, ?string $field = null): self
    {
        return new self(null, null, null, null, $person, $team, $usualRole, isWork: false, field: $field);
    }
}
