<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

use App\Lookup\Props\OptionProps;

/** A task tracker, and the projects in it. */
final readonly class TrackerOfferProps
{
    /** @param  list<OptionProps>|null  $projects  by their keys; null where it does not answer */
    public function __construct(public int $id, public string $name, public ?array $projects)
    {
    }
}
