<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

/**
 * A part of composed charge codes, with the codes that it may have.
 */
final readonly class CodedPart
{
    /** @param  list<PartCode>  $codes */
    public function __construct(public string $name, public array $codes)
    {
    }

    /** Whether it has a code that is still offered. */
    public function offers(string $code): bool
    {
        foreach ($this->codes as $one) {
            if ($one->code === $code) {
                return ! $one->isRetired;
            }
        }

        return false;
    }
}
