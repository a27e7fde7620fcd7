<?php

declare(strict_types=1);

namespace App\Exchange;

/** What an import changed, by file. */
final readonly class ImportReport
{
    /**
     * @param  array<string, array{new: int, changed: int, same: int}>  $files  by file name
     * @param  list<EndedAssignment>  $ended
     * @param  list<string>  $planChanges  what of the plan becomes another, in words; only where a plan is replaced
     */
    public function __construct(public array $files, public array $ended, public array $planChanges)
    {
    }

    /**
     * @param  list<KindChange>  $changes
     * @param  list<EndedAssignment>  $ended
     * @param  list<string>  $planChanges
     */
    public static function of(array $changes, array $ended, array $planChanges): self
    {
        $files = [];
        foreach ($changes as $change) {
            $files[$change->kind->file()] = ['new' => count($change->inserts), 'changed' => count($change->updates), 'same' => $change->same];
        }

        return new self($files, $ended, $planChanges);
    }
}
