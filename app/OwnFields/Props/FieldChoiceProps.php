<?php

declare(strict_types=1);

namespace App\OwnFields\Props;

/** One of the choices of an own field. */
final readonly class FieldChoiceProps
{
    public function __construct(public string $code, public string $name, public bool $isRetired)
    {
    }
}
