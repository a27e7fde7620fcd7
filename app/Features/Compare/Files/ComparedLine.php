<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use Moss\Core\Compare\ComparisonRow;

/** A line of a comparison in a file: a group, or a part of one. */
final readonly class ComparedLine
{
    /**
     * @param  string|null  $part  code of the part; null for the group itself
     * @param  array<array-key, ComparisonRow>  $periods  by code of what stands across
     */
    public function __construct(public string $group, public string $name, public ?string $part, public string $partName, public ComparisonRow $row, public array $periods)
    {
    }
}
