<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use App\Models\AbsenceClass;
use App\Models\AbsenceVisibility;

/** A kind of absence, with its allowance in half days. */
final readonly class AbsenceKindRowProps
{
    /** @param  bool  $isUsed  whether anything is of this kind */
    public function __construct(
        public int $id,
        public string $name,
        public AbsenceClass $countsAs,
        public AbsenceVisibility $visibleTo,
        public bool $needsApproval,
        public ?int $allowance,
        public int $carriedAtMost,
        public ?int $allowanceFrom,
        public bool $isRetired,
        public bool $isUsed,
    ) {
    }
}
