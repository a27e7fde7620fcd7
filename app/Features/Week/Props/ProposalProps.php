<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use Moss\Core\Sheet\PencilSource;

/** Hours pencilled into an empty cell, and why. */
final readonly class ProposalProps
{
    public function __construct(public string $line, public string $date, public int $minutes, public PencilSource $source, public string $why)
    {
    }
}
