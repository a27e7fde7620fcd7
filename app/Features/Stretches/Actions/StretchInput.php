<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use Moss\Core\Calendar\Day;
use Moss\Core\Clock\ClockSpan;

/** What somebody wants of time by the clock. */
final readonly class StretchInput
{
    /** @param  bool|null  $billable  null as the task is */
    public function __construct(public int $task, public ?int $role, public Day $day, public ClockSpan $span, public string $note, public ?bool $billable = null)
    {
    }
}
