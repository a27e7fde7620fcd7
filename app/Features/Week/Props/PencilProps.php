<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Models\LastWeekPencil;

/** What is to be pencilled in, as the sheet's owner wants it. */
final readonly class PencilProps
{
    public function __construct(public bool $plan, public LastWeekPencil $lastWeek, public bool $usualWeek)
    {
    }
}
