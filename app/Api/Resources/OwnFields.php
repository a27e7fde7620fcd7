<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** The own fields of the organisation. */
final readonly class OwnFields
{
    /** @param  list<OwnField>  $fields */
    public function __construct(public array $fields)
    {
    }
}
