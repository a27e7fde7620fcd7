<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** How a project goes over its weeks, and who is on it when. */
final readonly class ProgressProps
{
    /**
     * @param  string  $thisWeek  its Monday
     * @param  list<ProgressWeekProps>  $weeks
     * @param  list<ProjectPersonProps>  $people
     */
    public function __construct(public string $thisWeek, public array $weeks, public array $people)
    {
    }
}
