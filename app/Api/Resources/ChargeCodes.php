<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What charge codes are composed of. */
final readonly class ChargeCodes
{
    /**
     * @param  string  $separator  between the parts
     * @param  list<ChargeCodePart>  $parts  in their order
     * @param  list<string>  $combinations  that are allowed: a code for each part with spaces between, `*` for any; all where there is none
     */
    public function __construct(public string $separator, public array $parts, public array $combinations)
    {
    }
}
