<?php

declare(strict_types=1);

namespace App\Api\Resources;

use App\Models\TransferKind;
use App\Models\TransferState;

/** An import or export of files. */
final readonly class Transfer
{
    /**
     * @param  string  $at  UTC instant at which it was begun
     * @param  list<TransferFile>  $files  what came of each
     * @param  int|null  $percent  how much is done; null while nothing is known
     * @param  string  $problem  why it was refused or failed; empty otherwise
     * @param  bool  $hasFile  whether an export can be downloaded
     */
    public function __construct(
        public int $id,
        public TransferKind $kind,
        public TransferState $state,
        public string $at,
        public array $files,
        public ?int $percent,
        public bool $replacesPlan,
        public string $problem,
        public bool $hasFile,
    ) {
    }
}
