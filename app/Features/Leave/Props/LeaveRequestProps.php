<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use Moss\Core\Leave\LeaveState;

/** A request for leave. */
final readonly class LeaveRequestProps
{
    /**
     * @param  int|null  $id  null for an absence that nobody asked for here
     * @param  LeaveState|null  $state  likewise
     * @param  int  $halfDays  that it takes
     * @param  string|null  $decidedBy  null where nobody has decided, or a rule
     * @param  bool  $isByRule  whether a rule approved it
     * @param  bool  $isChange  whether it is to replace another that is approved
     * @param  bool  $mayChange  whether it can still be changed and taken back
     */
    public function __construct(
        public ?int $id,
        public int $kind,
        public string $kindName,
        public string $first,
        public string $last,
        public bool $fromMidday,
        public bool $untilMidday,
        public int $halfDays,
        public int $minutes,
        public string $note,
        public ?LeaveState $state,
        public ?string $decidedBy,
        public bool $isByRule,
        public string $comment,
        public bool $isChange,
        public bool $mayChange,
    ) {
    }
}
