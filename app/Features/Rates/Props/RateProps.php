<?php

declare(strict_types=1);

namespace App\Features\Rates\Props;

/** A rate; money as decimal text per hour. */
final readonly class RateProps
{
    /**
     * @param  string|null  $personCode  null for everybody in the role
     * @param  string|null  $roleCode  null for the person in any role
     * @param  bool  $isInForce  today, unless a nearer one counts
     */
    public function __construct(
        public int $id,
        public ?string $personCode,
        public ?string $person,
        public ?string $roleCode,
        public ?string $role,
        public string $from,
        public string $cost,
        public ?string $bill,
        public bool $isInForce,
    ) {
    }
}
