<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** All clients' systems. */
final readonly class ClientSystemsProps
{
    /**
     * @param  list<ClientSystemRowProps>  $rows
     * @param  string  $monday  of this week
     */
    public function __construct(public array $rows, public string $monday)
    {
    }
}
