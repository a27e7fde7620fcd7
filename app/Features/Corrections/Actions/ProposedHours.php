<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Sheet\LineKey;
use Moss\Core\Calendar\Day;

/** What a cell should have held; hours as typed, empty for nothing. */
final readonly class ProposedHours
{
    public function __construct(public int $task, public ?int $role, public Day $day, public string $hours)
    {
    }

    public function cell(): string
    {
        return LineKey::of($this->task, $this->role).' '.$this->day->toString();
    }
}
