<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

use App\Features\Office\Props\NamedProps;

/** What a new project can begin from. */
final readonly class NewProjectProps
{
    /**
     * @param  list<NamedProps>  $clients
     * @param  list<NamedProps>  $managers
     * @param  NamedProps|null  $source  the project whose plan is copied
     */
    public function __construct(public array $clients, public array $managers, public string $manager, public string $today, public ?NamedProps $source)
    {
    }
}
