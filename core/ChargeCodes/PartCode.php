<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

/**
 * One code of a part.
 */
final readonly class PartCode
{
    /**
     * @param  string  $code  1 to 16 letters and digits
     * @param  bool  $isRetired  whether it is no longer offered; charge codes that have it stay
     */
    public function __construct(public string $code, public string $name, public bool $isRetired = false)
    {
    }
}
