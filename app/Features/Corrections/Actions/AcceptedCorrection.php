<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Features\Corrections\Queries\CorrectableEntry;
use App\Models\Correction;

/** A correction that is to take effect, with the entry that it is of. */
final readonly class AcceptedCorrection
{
    /**
     * @param  int|null  $insteadOf  whom a stand-in decided for
     */
    public function __construct(public Correction $correction, public CorrectableEntry $entry, public ?int $insteadOf)
    {
    }
}
