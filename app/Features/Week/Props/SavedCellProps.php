<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What became of one cell, and how it is now. */
final readonly class SavedCellProps
{
    /** @param  string|null  $message  why it was not saved; null where it was */
    public function __construct(public string $line, public CellOutcome $outcome, public ?string $message, public CellProps $cell)
    {
    }
}
