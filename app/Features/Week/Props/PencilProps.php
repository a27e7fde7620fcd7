<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Models\LastWeekPencil;

/** What is to be pencilled in, as the sheet's owner wants it. */
final readonly class PencilProps
{
    /** @param  bool|null  $trackedTime  whether time from task trackers waits in pencil; null where none knows the person */
    public function __construct(public bool $plan, public LastWeekPencil $lastWeek, public bool $usualWeek, public ?bool $trackedTime)
    {
    }
}
