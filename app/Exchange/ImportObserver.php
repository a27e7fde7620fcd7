<?php

declare(strict_types=1);

namespace App\Exchange;

/** Who follows an import while it goes on, within its transaction. */
interface ImportObserver
{
    /** So many rows of the files have been looked at. */
    public function looked(int $rows): void;

    /** Some rows are written, or would be. */
    public function wrote(FileKindChange $change): void;

    /** @param  list<EndedAssignment>  $ended */
    public function ended(array $ended): void;

    /** Everything is written; the transaction is about to end. */
    public function finished(): void;
}
