<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What became of a cell that was to be saved. */
enum CellOutcome: string
{
    case Saved = 'saved';
    case Refused = 'refused';
    case MovedOn = 'moved on';
}
