<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use Moss\Core\Time\Minutes;

/** How much of a week was submitted, and how much of that approved itself at once. */
final readonly class SubmittedWeek
{
    public function __construct(public Minutes $submitted, public Minutes $approved)
    {
    }
}
