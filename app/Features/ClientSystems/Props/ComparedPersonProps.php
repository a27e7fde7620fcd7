<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** Somebody's week in two systems. */
final readonly class ComparedPersonProps
{
    /**
     * @param  int  $here  minutes in the week
     * @param  list<ComparedDayProps>  $days  on which they do not agree
     */
    public function __construct(public string $person, public string $name, public int $here, public int $there, public array $days)
    {
    }
}
