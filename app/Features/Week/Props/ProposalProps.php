<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use Moss\Core\Sheet\PencilSource;

/** Hours pencilled into an empty cell, and why. */
final readonly class ProposalProps
{
    /** @param  list<StretchTimesProps>  $times  where the minutes lie by the clock, or would */
    public function __construct(public string $line, public string $date, public int $minutes, public PencilSource $source, public string $why, public array $times)
    {
    }
}
