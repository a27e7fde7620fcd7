<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Sheet\PersonWorkTime;

/** One of those whose days ask for hours. */
final readonly class ComparedPerson
{
    public function __construct(public string $code, public ?string $team, public ?string $role, public PersonWorkTime $workTime)
    {
    }
}
