<?php

declare(strict_types=1);

namespace App\Exchange\Props;

use App\Models\TransferKind;
use App\Models\TransferState;

/** An import or export of files. */
final readonly class TransferProps
{
    /**
     * @param  list<FileCountProps>  $files  what came of each
     * @param  int|null  $percent  how much is done; null while nothing is known
     * @param  bool  $hasFile  whether an export can still be downloaded
     */
    public function __construct(
        public int $id,
        public TransferKind $kind,
        public TransferState $state,
        public string $by,
        public string $at,
        public array $files,
        public ?int $percent,
        public bool $replacesPlan,
        public string $problem,
        public bool $hasFile,
    ) {
    }
}
