<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

/** One scope of the queue, and up to which place it is done. */
final readonly class QueuedRecalculation
{
    public function __construct(public int $id, public RecalculationScope $scope, public int $place)
    {
    }
}
