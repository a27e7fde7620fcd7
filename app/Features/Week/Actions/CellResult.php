<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Features\Week\Props\CellOutcome;
use App\Features\Week\Queries\RecordableTask;
use App\Models\Entry;

/** What became of one cell: saved, or why not; with what it holds now. */
final readonly class CellResult
{
    /**
     * @param  RecordableTask|null  $task  with its names; null where there is no such task
     * @param  Entry|null  $entry  what the cell holds now; null where it is empty
     * @param  array<string, string>  $fields  what own fields hold now, by their codes
     */
    private function __construct(
        public CellInput $input,
        public ?RecordableTask $task,
        public CellOutcome $outcome,
        public ?string $message,
        public ?Entry $entry,
        public array $fields,
    ) {
    }

    /** @param  array<string, string>  $fields */
    public static function saved(CellInput $input, ?RecordableTask $task, ?Entry $entry, array $fields): self
    {
        return new self($input, $task, CellOutcome::Saved, null, $entry, $entry === null ? [] : $fields);
    }

    /**
     * @param  array<string, string>  $fields
     * @param  string  $sentence  for people: why, and what to do
     */
    public static function refused(CellInput $input, ?RecordableTask $task, ?Entry $entry, array $fields, string $sentence): self
    {
        return new self($input, $task, CellOutcome::Refused, $sentence, $entry, $fields);
    }

    /**
     * Somebody else, or another tab, was there first.
     *
     * @param  array<string, string>  $fields
     */
    public static function movedOn(CellInput $input, ?RecordableTask $task, ?Entry $entry, array $fields, string $sentence): self
    {
        return new self($input, $task, CellOutcome::MovedOn, $sentence, $entry, $fields);
    }
}
