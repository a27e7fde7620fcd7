<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

use App\Lookup\Props\OptionProps;

/** What links a project with a task tracker, or could. */
final readonly class ProjectTrackerProps
{
    /**
     * @param  TrackerLinkProps|null  $link  null where there is none
     * @param  list<OptionProps>  $tasks  that are not matched, by their numbers
     * @param  string  $monday  of this week
     */
    public function __construct(public string $code, public string $name, public ?TrackerLinkProps $link, public array $tasks, public string $monday)
    {
    }
}
