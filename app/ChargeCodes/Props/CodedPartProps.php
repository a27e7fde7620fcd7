<?php

declare(strict_types=1);

namespace App\ChargeCodes\Props;

/** A part of composed charge codes. */
final readonly class CodedPartProps
{
    /** @param  list<PartCodeProps>  $codes  also those that are no longer offered */
    public function __construct(public string $name, public array $codes)
    {
    }
}
