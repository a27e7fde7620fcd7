<?php

declare(strict_types=1);

namespace App\Features\Periods\Queries;

use App\Models\Person;

/** What waits for the decision of one approver. */
final readonly class Undecided
{
    /**
     * @param  Person|null  $approver  null where the time office decides
     * @param  list<Person>  $standIns  who decides today in the approver's place
     * @param  int  $people  whose entries they are
     * @param  string  $first  the oldest day
     */
    public function __construct(
        public ?Person $approver,
        public array $standIns,
        public int $entries,
        public int $people,
        public int $expenses,
        public int $corrections,
        public string $first,
    ) {
    }
}
