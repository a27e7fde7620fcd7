<?php

declare(strict_types=1);

namespace App\ChargeCodes\Props;

/** What a client's charge codes are composed of. */
final readonly class CompositionProps
{
    /**
     * @param  list<CodedPartProps>  $parts
     * @param  list<string>  $combinations  that are allowed, a code for each part with spaces between, and `*` for any; all where there is none
     */
    public function __construct(public string $separator, public array $parts, public array $combinations)
    {
    }
}
