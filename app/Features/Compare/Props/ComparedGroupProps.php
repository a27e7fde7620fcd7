<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** A group of a comparison. */
final readonly class ComparedGroupProps
{
    /**
     * @param  list<ComparedPartProps>  $parts  those that are shown
     * @param  int  $moreParts  how many are not
     * @param  list<ComparedPeriodProps>  $periods  one for each period that stands across
     */
    public function __construct(public string $code, public string $name, public ComparedRowProps $row, public array $parts, public int $moreParts, public array $periods)
    {
    }
}
