<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** What somebody recorded on a project in a week. */
final readonly class PersonWeek
{
    public function __construct(
        public string $person,
        public Day $monday,
        public Minutes $actual,
        public Minutes $pending,
    ) {
    }
}
