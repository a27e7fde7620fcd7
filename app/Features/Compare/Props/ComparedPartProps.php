<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** What a group is made of, by the second grouping. */
final readonly class ComparedPartProps
{
    /** @param  list<ComparedPeriodProps>  $periods  one for each period that stands across */
    public function __construct(public string $code, public string $name, public ComparedRowProps $row, public array $periods)
    {
    }
}
