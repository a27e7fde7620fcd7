<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Sheet\PersonWorkTime;

/** One of those whose load is looked at. */
final readonly class LoadedPerson
{
    public function __construct(public int $id, public string $code, public string $name, public ?string $team, public ?string $role, public PersonWorkTime $workTime)
    {
    }
}
