<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

use App\Lookup\Props\OptionProps;
use App\OwnFields\Props\OwnFieldProps;

/** What a new project can begin from. */
final readonly class NewProjectProps
{
    /**
     * @param  OptionProps|null  $source  the project whose plan is copied
     * @param  list<OwnFieldProps>  $fields  own fields that are asked of any client's projects
     */
    public function __construct(public OptionProps $manager, public string $today, public ?OptionProps $source, public array $fields)
    {
    }
}
