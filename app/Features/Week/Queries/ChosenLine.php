<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\SheetChoiceKind;
use Moss\Core\Calendar\Day;

/** A line that was added to the week or removed from it, or a cell whose pencil was rubbed out. */
final readonly class ChosenLine
{
    public function __construct(
        public LineRow $line,
        public ?Day $date,
        public SheetChoiceKind $choice,
    ) {
    }
}
