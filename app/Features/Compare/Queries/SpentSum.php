<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Calendar\Day;

/** What projects bear of the expenses of a day, in cents; null for what is not told apart. */
final readonly class SpentSum
{
    public function __construct(public Day $date, public bool $charged, public int $cents, public ?int $taskId, public ?int $projectId, public ?int $personId, public ?string $field)
    {
    }
}
