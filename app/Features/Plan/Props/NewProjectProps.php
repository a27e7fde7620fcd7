<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

use App\Lookup\Props\OptionProps;

/** What a new project can begin from. */
final readonly class NewProjectProps
{
    /**
     * @param  list<OptionProps>  $clients
     * @param  list<OptionProps>  $managers
     * @param  OptionProps|null  $source  the project whose plan is copied
     */
    public function __construct(public array $clients, public array $managers, public string $manager, public string $today, public ?OptionProps $source)
    {
    }
}
