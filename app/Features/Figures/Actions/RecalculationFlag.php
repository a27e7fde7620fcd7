<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

/** Whether an act of this process has queued anything for recalculation. */
final class RecalculationFlag
{
    private bool $isRaised = false;

    public function raise(): void
    {
        $this->isRaised = true;
    }

    /** Whether it was raised; it is not any more. */
    public function lower(): bool
    {
        [$wasRaised, $this->isRaised] = [$this->isRaised, false];

        return $wasRaised;
    }
}
