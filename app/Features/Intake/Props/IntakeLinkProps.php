<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

/** A link by which a client requests work. */
final readonly class IntakeLinkProps
{
    public function __construct(public int $id, public string $client, public string $endsOn, public string $address)
    {
    }
}
