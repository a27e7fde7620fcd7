<?php

declare(strict_types=1);

namespace App\Features\People\Queries;

/** Which people are listed, and in which order. */
final readonly class PeopleFilter
{
    /** Those who work here, who will, who did, or all. */
    public const STATES = ['working', 'coming', 'left', 'all'];

    public const SORTS = ['name', 'team', 'first-day', 'last-day'];

    public function __construct(public string $search, public string $state, public string $team, public string $sort)
    {
    }

    public static function of(string $search, string $state, string $team, string $sort): self
    {
        return new self($search, in_array($state, self::STATES, true) ? $state : 'working', $team, in_array($sort, self::SORTS, true) ? $sort : 'name');
    }
}
