<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** A line of the week under review, with the entries on it that wait. */
final readonly class WaitingLineProps
{
    /**
     * @param  string|null  $chargeCode  those that its entries have of their own
     * @param  int  $decided  how many steps of the route have approved it
     * @param  list<string>  $then  who decides after this
     * @param  list<WaitingCellProps>  $cells  in the order of days, only days with time
     */
    public function __construct(
        public string $key,
        public string $taskName,
        public string $projectCode,
        public string $projectName,
        public ?string $roleName,
        public bool $billable,
        public ?string $chargeCode,
        public int $decided,
        public array $then,
        public array $cells,
    ) {
    }
}
