<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Props;

/** The own fields of the organisation. */
final readonly class OwnFieldSettingsProps
{
    /**
     * @param  list<OwnFieldRowProps>  $fields
     * @param  string|null  $opened  the code of the one that is being changed
     */
    public function __construct(public array $fields, public ?string $opened)
    {
    }
}
