<?php

declare(strict_types=1);

namespace App\Lookup\Props;

/** What was found for a field. */
final readonly class LookupProps
{
    /** @param  list<OptionProps>  $options  the best first */
    public function __construct(public array $options, public bool $hasMore)
    {
    }
}
