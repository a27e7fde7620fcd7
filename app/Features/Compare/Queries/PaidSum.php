<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Pay\PayKind;

/** Minutes of a day that are paid as something else than regular time. */
final readonly class PaidSum
{
    public function __construct(
        public Day $date,
        public int $taskId,
        public int $projectId,
        public int $personId,
        public ?int $roleId,
        public ?int $billable,
        public PayKind $kind,
        public int $minutes,
    ) {
    }
}
