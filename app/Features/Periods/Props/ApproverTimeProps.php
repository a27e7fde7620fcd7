<?php

declare(strict_types=1);

namespace App\Features\Periods\Props;

/** What waits for the decision of one approver. */
final readonly class ApproverTimeProps
{
    /**
     * @param  string|null  $code  null where the time office decides
     * @param  list<string>  $standIns  who decides today in the approver's place
     * @param  int  $people  whose entries they are
     * @param  string  $first  the oldest day
     */
    public function __construct(
        public ?string $code,
        public ?string $name,
        public array $standIns,
        public int $entries,
        public int $people,
        public int $expenses,
        public int $corrections,
        public string $first,
    ) {
    }
}
