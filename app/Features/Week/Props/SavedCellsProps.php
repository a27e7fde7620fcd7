<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What became of cells that were sent together, and the sums of their week with them. */
final readonly class SavedCellsProps
{
    /** @param  list<SavedCellProps>  $cells  in the order in which they were sent */
    public function __construct(public array $cells, public TotalsProps $totals)
    {
    }
}
