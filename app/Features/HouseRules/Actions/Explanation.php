<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use Moss\Core\Calendar\Week;

/** The explanation of a finding; an empty one removes it. */
final readonly class Explanation
{
    public function __construct(public Week $week, public string $rule, public ?int $task, public ?int $role, public ?string $date, public string $explanation)
    {
    }
}
