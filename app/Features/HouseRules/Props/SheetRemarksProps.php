<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

/** What stands in the margin of a sheet beside the thing it speaks of. */
final readonly class SheetRemarksProps
{
    /**
     * @param  list<FindingProps>  $findings  what blocks first
     * @param  list<SpanProps>|null  $spans  null where the house rules ask for none
     */
    public function __construct(public array $findings, public ?array $spans)
    {
    }
}
