<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

use App\Lookup\Props\OptionProps;

/** The load of people. */
final readonly class WorkloadProps
{
    /**
     * @param  string  $unit  `day` or `week`
     * @param  string  $sort  `over`, `free` or `name`
     * @param  list<OptionProps>  $chosenPeople  that it is narrowed to, like those below
     * @param  list<OptionProps>  $teams
     * @param  list<OptionProps>  $roles
     * @param  list<LoadRangeProps>  $ranges  columns
     * @param  list<LoadedPersonProps>  $people  of this page
     * @param  int  $count  of all people
     * @param  int  $overCount  of those whose load exceeds what is expected over all these days
     * @param  int  $over  minutes by which they do
     * @param  int  $free  minutes of all people on the days to come
     */
    public function __construct(
        public string $unit,
        public string $first,
        public string $last,
        public string $today,
        public string $sort,
        public array $chosenPeople,
        public array $teams,
        public array $roles,
        public array $ranges,
        public array $people,
        public int $count,
        public int $overCount,
        public int $over,
        public int $free,
        public int $page,
        public int $pages,
        public ?FreeTimeProps $freeTime,
        public ?OpenedLoadProps $opened,
    ) {
    }
}
