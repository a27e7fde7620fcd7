<?php

declare(strict_types=1);

namespace App\Exchange;

/** What an import changed, by file. */
final readonly class ImportReport
{
    /** @param  array<string, array{new: int, changed: int, same: int}>  $files  by file name */
    public function __construct(public array $files, public int $endedAssignments)
    {
    }

    /** @param  list<KindChange>  $changes */
    public static function of(array $changes, int $endedAssignments): self
    {
        $files = [];
        foreach ($changes as $change) {
            $files[$change->kind->file()] = ['new' => count($change->inserts), 'changed' => count($change->updates), 'same' => $change->same];
        }

        return new self($files, $endedAssignments);
    }
}
