<?php

declare(strict_types=1);

namespace App\Features\Rates\Props;

/** Recorded time of a person in a role for which no rate is known. */
final readonly class UnratedProps
{
    /**
     * @param  string|null  $role  null where the entries have none, nor has the person
     * @param  string  $since  first month with such time, `2026-06`
     */
    public function __construct(public string $person, public ?string $role, public int $minutes, public string $since)
    {
    }
}
