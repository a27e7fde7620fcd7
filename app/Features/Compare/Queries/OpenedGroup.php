<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Time\Minutes;

/** Which figure of a comparison is opened, and of which group; of the whole where no group is named. */
final readonly class OpenedGroup
{
    /**
     * @param  string|null  $group  code, by the first grouping
     * @param  string|null  $part  code, by the second
     * @param  string|null  $period  code, by what stands across
     */
    public function __construct(public OpenedFigure $figure, public ?string $group, public ?string $part, public ?string $period)
    {
    }

    public function minutesOf(ComparisonRow $row): Minutes
    {
        return match ($this->figure) {
            OpenedFigure::Planned => $row->planned,
            OpenedFigure::ToDate => $row->plannedToDate,
            OpenedFigure::Actual => $row->actual,
            OpenedFigure::Pending => $row->pending,
        };
    }
}
