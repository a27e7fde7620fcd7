<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** A person with their load. */
final readonly class LoadedPersonProps
{
    /** @param  list<LoadCellProps>  $cells  one for each column */
    public function __construct(public string $code, public string $name, public ?string $team, public ?string $role, public array $cells)
    {
    }
}
