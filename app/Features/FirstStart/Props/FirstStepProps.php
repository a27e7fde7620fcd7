<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Props;

use App\Features\FirstStart\Queries\FirstStep;

/** A step of the first start. */
final readonly class FirstStepProps
{
    public function __construct(public FirstStep $step, public bool $isDone)
    {
    }
}
