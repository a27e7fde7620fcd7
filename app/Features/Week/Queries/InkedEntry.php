<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** An entry of the week, with all that its cell shows. */
final readonly class InkedEntry
{
    public function __construct(
        public LineRow $line,
        public Day $date,
        public Minutes $minutes,
        public ?int $correction,
        public ?Minutes $corrected,
        public ?string $reason,
        public ?string $corrector,
        public ?string $declined,
        public int $version,
        public EntryState $state,
        public string $note,
        public string $clientNote,
        public ?bool $billable,
        public ?string $returnComment,
        public int $personId,
        public int $approvals,
        public ?int $lineManagerId,
        public ?string $lineManager,
        public ?Day $corrects,
        public ?string $approver,
        public ?string $recorder,
        public ?int $recordedById,
        public ?string $recordedAt,
        public ?string $chargeCode,
        public ?string $fields,
        public ?string $chosenPay,
    ) {
    }
}
