<?php

declare(strict_types=1);

namespace App\Features\People\Props;

/** People, a page at a time. */
final readonly class PeopleProps
{
    /**
     * @param  int  $working  people who work here today
     * @param  list<PersonListRowProps>  $rows
     */
    public function __construct(
        public string $search,
        public string $state,
        public string $team,
        public string $sort,
        public int $working,
        public int $found,
        public array $rows,
        public int $page,
        public int $pages,
    ) {
    }
}
