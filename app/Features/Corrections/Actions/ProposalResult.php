<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

/** What has become of proposed corrections: how many wait, and how many were accepted at once. */
final readonly class ProposalResult
{
    public function __construct(public int $waiting, public int $accepted)
    {
    }
}
