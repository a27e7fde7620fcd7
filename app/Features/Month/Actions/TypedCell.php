<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Sheet\LineKey;
use Moss\Core\Calendar\Day;

/** What was typed into one cell, and what had been seen there. */
final readonly class TypedCell
{
    /** @param  int|null  $seen  the version that the cell had; null where it was empty */
    public function __construct(public int $task, public ?int $role, public Day $day, public string $text, public ?int $seen)
    {
    }

    public function line(): string
    {
        return LineKey::of($this->task, $this->role);
    }
}
