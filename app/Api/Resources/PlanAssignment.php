<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;

/** Somebody, or a team, on a task in a role. */
final readonly class PlanAssignment
{
    /**
     * @param  list<int>  $ids  one; several where hours are planned day by day
     * @param  string|null  $person  code; null for a team
     * @param  string|null  $team  code; null for a person
     * @param  string|null  $role  code
     * @param  ArrayObject<string, int>  $byDay  minutes by day, where they are planned so
     */
    public function __construct(
        public array $ids,
        public ?string $person,
        public ?string $team,
        public ?string $role,
        public int $plannedMinutes,
        public string $startsOn,
        public string $endsOn,
        public ArrayObject $byDay,
    ) {
    }
}
