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
     * @param  string|null  $role  the entry's or assignment's own role, else the person's usual one
     */
    public function __construct(
        public ?string $project,
        public ?string $client,
        public ?string $phase,
        public ?string $task,
        public ?string $person,
        public ?string $team,
        public ?string $role,
    ) {
    }
}
