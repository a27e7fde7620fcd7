<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

/** What became of a remaining estimate. */
enum EstimateResult: string
{
    case InForce = 'in force';
    case Waiting = 'waiting';
}
