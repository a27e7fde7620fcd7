<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

use Moss\Core\Sheet\EntryState;

/** One day of a line. */
final readonly class MonthCellProps
{
    /**
     * @param  EntryState|null  $state  null where nothing is entered
     * @param  string|null  $count  in days, where the team counts in parts of them and this is a whole number of those
     * @param  int|null  $version  by which a change says what it had seen; null where nothing is entered, or only corrections of settled time
     * @param  bool  $canType  whether it may be typed in; the day may still be refused
     */
    public function __construct(public int $minutes, public ?string $count, public ?EntryState $state, public ?int $version, public bool $canType)
    {
    }
}
