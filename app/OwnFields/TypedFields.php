<?php

declare(strict_types=1);

namespace App\OwnFields;

use Moss\Core\Calendar\Day;

/** What was typed into the own fields of one task, project or person, and what says which of them are asked. */
final readonly class TypedFields
{
    /**
     * @param  array<string, string>  $texts  by the field's code; what is not named stays as it is
     * @param  Day|null  $day  on which it is asked; null where that does not matter
     */
    public function __construct(public array $texts, public ?Day $day = null, public ?string $team = null, public ?string $client = null)
    {
    }
}
