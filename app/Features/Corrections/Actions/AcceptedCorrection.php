<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Models\Correction;
use App\Support\Database\Record;

/** A correction that is to take effect, with the entry that it is of. */
final readonly class AcceptedCorrection
{
    /**
     * @param  Record  $entry  as CorrectableEntries has it
     * @param  int|null  $insteadOf  whom a stand-in decided for
     */
    public function __construct(public Correction $correction, public Record $entry, public ?int $insteadOf)
    {
    }
}
