<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use Moss\Core\Sheet\EntryState;

/** One day of one line: what is inked there, and what stands beside it. */
final readonly class CellProps
{
    /**
     * @param  int|null  $version  what the next change must name as seen; null where the cell is empty
     * @param  bool  $isOpen  whether something may be written here, by whoever may record
     * @param  bool  $isCorrectable  whether other hours may be asked for here, by its owner
     * @param  bool  $billable  whether what is inked here is billed; for an empty cell, whether it would be
     * @param  string|null  $proposedClientNote  pencilled client note; null where there is one or none is needed
     * @param  string|null  $recordedBy  who recorded it, if somebody else than its owner
     * @param  string|null  $recordedAt  the instant in UTC, as `2026-06-17T15:04:05Z`; null where it was imported
     * @param  string|null  $waitsFor  who has to act next on submitted time
     * @param  int  $decided  how many steps of its route have approved it
     * @param  list<string>  $then  who has to act after that
     * @param  string|null  $declined  the comment with which the latest correction was declined
     * @param  array<string, string>  $fields  what own fields hold, by their codes
     * @param  string|null  $chargeCode  its own; null where that of its task holds
     * @param  array<string, int>  $pay  minutes that are chosen to be of a kind of pay or premium
     * @param  list<AdjustmentProps>  $adjustments  differences posted here that correct settled time of another day
     */
    public function __construct(
        public string $date,
        public ?int $minutes,
        public ?int $version,
        public ?EntryState $state,
        public bool $isOpen,
        public bool $isCorrectable,
        public bool $billable,
        public string $note,
        public string $clientNote,
        public ?string $proposedClientNote,
        public ?string $recordedBy,
        public ?string $recordedAt,
        public ?string $returnComment,
        public ?string $waitsFor,
        public int $decided,
        public array $then,
        public ?CorrectionProps $correction,
        public ?string $declined,
        public array $fields,
        public ?string $chargeCode,
        public array $pay,
        public array $adjustments,
    ) {
    }
}
