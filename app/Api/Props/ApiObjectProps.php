<?php

declare(strict_types=1);

namespace App\Api\Props;

/** Something that is answered. */
final readonly class ApiObjectProps
{
    /** @param  list<ApiFieldProps>  $fields */
    public function __construct(public string $name, public string $meaning, public array $fields)
    {
    }
}
