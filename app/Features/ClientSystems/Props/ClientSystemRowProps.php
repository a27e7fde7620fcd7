<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** A client's system. */
final readonly class ClientSystemRowProps
{
    /**
     * @param  string|null  $readAt  UTC instant at which its export was last read
     * @param  int  $openWeeks  weeks of people in which the two do not agree
     */
    public function __construct(public int $id, public string $name, public string $clientName, public ?string $readAt, public int $openWeeks)
    {
    }
}
