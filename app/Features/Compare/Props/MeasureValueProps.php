<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\MeasureUnit;

/** What a measure comes to. */
final readonly class MeasureValueProps
{
    /**
     * @param  int|null  $amount  in minutes or minor units; null for percentages, and where nothing is known
     * @param  string|null  $percentage  one decimal; null for what is none, and where there is nothing to divide by
     * @param  int  $leftOut  minutes that an amount of money leaves out
     */
    public function __construct(public Measure $measure, public MeasureUnit $unit, public ?int $amount, public ?string $percentage, public int $leftOut)
    {
    }

    public static function of(Measure $measure, ComparisonRow $row): self
    {
        return new self($measure, $measure->unit(), $measure->amountOf($row), $measure->percentageOf($row), $measure->leftOutOf($row));
    }
}
