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
     * @param  array<string, int>  $pay  minutes that are chosen, by kind of pay or premium
     */
    private function __construct(
        public CellInput $input,
        public ?RecordableTask $task,
        public CellOutcome $outcome,
        public ?string $message,
        public ?Entry $entry,
        public array $fields,
        public array $pay,
    ) {
    }

    /**
     * @param  array<string, string>  $fields
     * @param  array<string, int>  $pay
     */
    public static function saved(CellInput $input, ?RecordableTask $task, ?Entry $entry, array $fields, array $pay): self
    {
        return new self($input, $task, CellOutcome::Saved, null, $entry, $entry === null ? [] : $fields, $entry === null ? [] : $pay);
    }

    /** @param  string  $sentence  for people: why, and what to do */
    public static function refused(CellInput $input, ?RecordableTask $task, ?Entry $entry, CellFields $fields, string $sentence): self
    {
        return new self($input, $task, CellOutcome::Refused, $sentence, $entry, $fields->held, $fields->heldPay);
    }

    /** Somebody else, or another tab, was there first. */
    public static function movedOn(CellInput $input, ?RecordableTask $task, ?Entry $entry, CellFields $fields, string $sentence): self
    {
        return new self($input, $task, CellOutcome::MovedOn, $sentence, $entry, $fields->held, $fields->heldPay);
    }
}
