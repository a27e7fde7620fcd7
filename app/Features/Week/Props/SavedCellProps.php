<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use Moss\Core\Sheet\EntryState;

/** A cell as it was saved, and the sums of its week with it. */
final readonly class SavedCellProps
{
    public function __construct(public ?int $minutes, public ?int $version, public ?EntryState $state, public TotalsProps $totals)
    {
    }
}
