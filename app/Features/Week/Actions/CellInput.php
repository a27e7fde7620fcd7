<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Sheet\LineKey;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Time\Minutes;

/** What somebody wants of one cell, and what they had seen there. What is null stays as it is. */
final readonly class CellInput
{
    /**
     * @param  string|null  $hours  as typed
     * @param  Minutes|null  $minutes  where the hours are known exactly and were not typed; before what was typed
     * @param  array<string, string>|null  $fields  what was typed into own fields, by their codes
     * @param  string|null  $chargeCode  empty for that of the task
     * @param  array<string, string|int>|null  $pay  hours as typed, or minutes, by kind of pay or premium; an empty text where nothing is chosen of it
     * @param  int|null  $seen  the version that the cell had when it was typed over; null where it was empty
     */
    public function __construct(
        public int $task,
        public ?int $role,
        public Day $day,
        public ?string $hours,
        public ?int $seen,
        public ?string $note = null,
        public ?string $clientNote = null,
        public ?bool $billable = null,
        public ?Minutes $minutes = null,
        public ?array $fields = null,
        public ?string $chargeCode = null,
        public ?array $pay = null,
    ) {
    }

    /** The same with a note, where there is one. */
    public function noting(?string $note): self
    {
        return $note === null || $this->hours === '' ? $this : new self($this->task, $this->role, $this->day, $this->hours, $this->seen, mb_substr($note, 0, ClientNote::MAX_LENGTH), $this->clientNote, $this->billable, $this->minutes, $this->fields, $this->chargeCode, $this->pay);
    }

    public function line(): string
    {
        return LineKey::of($this->task, $this->role);
    }

    public function cell(): string
    {
        return $this->line().' '.$this->day->toString();
    }
}
