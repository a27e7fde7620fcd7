<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

/**
 * One group of a comparison, or a part of one. Its parts add up to it, and so do its periods.
 */
final readonly class ComparedGroup
{
    /**
     * @param  array<array-key, self>  $parts  by code of the second grouping, in byte order; empty where there is none
     * @param  array<array-key, ComparisonRow>  $periods  by code of the grouping that stands across, in its order; empty where there is none
     */
    public function __construct(public ComparisonRow $row, public array $parts, public array $periods)
    {
    }
}
