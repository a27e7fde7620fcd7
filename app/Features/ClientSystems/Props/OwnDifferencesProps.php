<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** In which of a client's systems somebody's week differs. */
final readonly class OwnDifferencesProps
{
    /** @param  list<ComparedDayProps>  $days  of the weeks that are open, the oldest first */
    public function __construct(public string $system, public string $client, public array $days)
    {
    }
}
