<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

use App\Lookup\Props\OptionProps;

/** A team, a role or a client. */
final readonly class DirectoryRowProps
{
    /**
     * @param  OptionProps|null  $lead  of a team
     * @param  int  $uses  people of a team or in a role, projects of a client
     */
    public function __construct(public string $code, public string $name, public ?OptionProps $lead, public int $uses, public bool $isRetired)
    {
    }
}
