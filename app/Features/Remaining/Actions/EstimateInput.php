<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

/** An estimate of the remaining hours of a task, as typed. */
final readonly class EstimateInput
{
    /**
     * @param  string|null  $hours  as typed; null where the task is marked as done
     * @param  bool  $forAll  done for everybody, not only for whose it is
     * @param  bool  $isConfirmed  that the rest of others is given up
     */
    public function __construct(public ?string $hours, public bool $forAll, public bool $isConfirmed, public string $reason)
    {
    }
}
