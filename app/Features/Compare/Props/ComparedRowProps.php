<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Standing;

/** Planned against actual, in minutes. */
final readonly class ComparedRowProps
{
    /**
     * @param  int  $toDate  planned to date
     * @param  int  $difference  actual less planned to date
     * @param  string|null  $differencePercentage  of what is planned to date, one decimal; null where that is nothing
     * @param  list<MeasureValueProps>  $values  of the measures that are shown, in their order
     */
    public function __construct(
        public int $planned,
        public int $toDate,
        public int $actual,
        public int $pending,
        public int $difference,
        public ?string $differencePercentage,
        public Standing $standing,
        public array $values,
    ) {
    }

    /** @param  list<Measure>  $measures */
    public static function of(ComparisonRow $row, Standing $standing, array $measures): self
    {
        return new self(
            $row->planned,
            $row->plannedToDate,
            $row->actual,
            $row->pending,
            $row->againstToDate(),
            $row->percentageToDate()?->__toString(),
            $standing,
            array_map(static fn (Measure $measure): MeasureValueProps => MeasureValueProps::of($measure, $row), $measures),
        );
    }
}
