<?php

declare(strict_types=1);

namespace App\Features\People\Props;

/** A work pattern from a day on. */
final readonly class PatternProps
{
    /**
     * @param  string|null  $from  null for the first
     * @param  list<int>  $minutes  of each weekday, Monday first
     */
    public function __construct(public ?string $from, public array $minutes)
    {
    }
}
