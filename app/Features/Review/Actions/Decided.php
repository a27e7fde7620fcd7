<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use Moss\Core\Time\Minutes;

/** What a decision came to. */
final readonly class Decided
{
    /** @param  int|null  $decision  under which it can be undone; null where nothing was decided that was not before */
    public function __construct(public ?int $decision, public Minutes $minutes, public int $entries)
    {
    }
}
