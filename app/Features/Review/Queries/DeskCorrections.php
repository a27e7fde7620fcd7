<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\WaitingCorrectionProps;

/** The oldest corrections that wait for somebody, and how many there are in all. */
final readonly class DeskCorrections
{
    /** @param  list<WaitingCorrectionProps>  $oldest */
    public function __construct(public array $oldest, public int $count)
    {
    }
}
