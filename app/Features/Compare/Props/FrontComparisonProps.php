<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** A saved comparison on a front page: what it found, and the groups that ask for a look. */
final readonly class FrontComparisonProps
{
    /**
     * @param  string  $address  what is compared, as the part of an address after its question mark
     * @param  string  $period  a rolling period, `to-date`, or empty for fixed days
     * @param  list<FrontGroupProps>  $groups  the first in its order
     * @param  int  $count  of all groups
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $address,
        public string $period,
        public string $first,
        public string $last,
        public int $tolerance,
        public ComparedRowProps $total,
        public array $groups,
        public int $count,
        public int $over,
        public int $under,
    ) {
    }
}
