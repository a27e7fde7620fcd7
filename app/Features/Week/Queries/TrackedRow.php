<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Time that a task tracker has of a person and that is not in an entry; without a task where there is none in the week. */
final readonly class TrackedRow
{
    public function __construct(public ?int $taskId, public ?Day $date, public ?Minutes $minutes, public ?string $text, public string $tracker)
    {
    }
}
