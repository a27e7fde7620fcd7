<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use App\Lookup\Props\OptionProps;

/** A person's leave in a year. */
final readonly class LeaveProps
{
    /**
     * @param  bool  $isOwn  whether it is the reader's
     * @param  bool  $decidesForOthers  whether anybody's leave is the reader's to decide
     * @param  list<AbsenceKindOptionProps>  $kinds  that can be asked for
     * @param  list<LeaveBalanceProps>  $balances
     * @param  list<LeaveRequestProps>  $requests  with the absences that nobody asked for, by first day, the latest first
     */
    public function __construct(
        public OptionProps $person,
        public bool $isOwn,
        public bool $decidesForOthers,
        public int $year,
        public array $kinds,
        public array $balances,
        public array $requests,
        public ?string $decider,
    ) {
    }
}
