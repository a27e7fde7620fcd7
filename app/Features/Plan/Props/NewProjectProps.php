<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

use App\Lookup\Props\OptionProps;

/** What a new project can begin from. */
final readonly class NewProjectProps
{
    /**
     * @param  OptionProps|null  $source  the project whose plan is copied
     */
    public function __construct(public OptionProps $manager, public string $today, public ?OptionProps $source)
    {
    }
}
