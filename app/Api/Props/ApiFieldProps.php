<?php

declare(strict_types=1);

namespace App\Api\Props;

/** A field or parameter of the API. */
final readonly class ApiFieldProps
{
    /** @param  string  $type  such as `string` or `integer, null`; of a list, what it holds and `[]` */
    public function __construct(public string $name, public string $type, public bool $isRequired, public string $meaning)
    {
    }
}
