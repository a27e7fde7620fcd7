<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What became of corrections that were proposed. */
final readonly class ProposedCorrections
{
    /**
     * @param  int  $waiting  that wait for a decision
     * @param  int  $accepted  at once, as nobody has to approve them
     */
    public function __construct(public int $waiting, public int $accepted)
    {
    }
}
