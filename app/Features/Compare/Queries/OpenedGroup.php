<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\Measure;

/** Which measure of a comparison is opened, and of which group; of the whole where no group is named. */
final readonly class OpenedGroup
{
    /**
     * @param  Measure  $measure  one that adds up
     * @param  string|null  $group  code, by the first grouping
     * @param  string|null  $part  code, by the second
     * @param  string|null  $period  code, by what stands across
     */
    public function __construct(public Measure $measure, public ?string $group, public ?string $part, public ?string $period)
    {
    }
}
