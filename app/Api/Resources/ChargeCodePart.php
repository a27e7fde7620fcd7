<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** A part of composed charge codes. */
final readonly class ChargeCodePart
{
    /** @param  list<CodeAndName>  $codes  that it offers */
    public function __construct(public string $name, public array $codes)
    {
    }
}
