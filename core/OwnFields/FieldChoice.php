<?php

declare(strict_types=1);

namespace Moss\Core\OwnFields;

/**
 * One of the choices of an own field.
 */
final readonly class FieldChoice
{
    /**
     * @param  string  $code  stays the same for good; 1 to 32 characters of letters, digits and `. _ -`
     * @param  bool  $isRetired  whether it is no longer offered; where it was chosen it stays
     */
    public function __construct(public string $code, public string $name, public bool $isRetired = false)
    {
    }
}
