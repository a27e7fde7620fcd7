<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;

/**
 * Works off what acts have queued for recalculation, in steps that hold the write lock for a moment only, so that other people
 * save meanwhile. What is queued is in the database: a step that is interrupted is done again by whoever comes next.
 */
final readonly class Recalculation
{
    /** A step ends once it has taken so long. */
    private const STEP_NANOSECONDS = 30_000_000;

    /** A page waits so long for its act's recalculation; the rest is done in the background. */
    private const REQUEST_NANOSECONDS = 150_000_000;

    /** Between two steps, so that whoever waits for the lock gets it. */
    private const PAUSE_MICROSECONDS = 2000;

    public function __construct(private RecalculationStep $step, private Application $application)
    {
    }

    /** After an act that queued something, once its transaction has ended. */
    public function afterAct(): void
    {
        if ($this->application->runningInConsole()) {
            $this->finish();
        } elseif (! $this->workOff(self::REQUEST_NANOSECONDS)) {
            Recalculate::dispatch();
        }
    }

    public function finish(): void
    {
        $this->workOff(null);
    }

    /** @return bool whether nothing is queued any more */
    private function workOff(?int $nanoseconds): bool
    {
        $began = hrtime(true);
        while (DB::transaction($this->someSteps(...))) {
            if ($nanoseconds !== null && hrtime(true) - $began > $nanoseconds) {
                return false;
            }
            usleep(self::PAUSE_MICROSECONDS);
        }

        return true;
    }

    /** @return bool whether there may be more */
    private function someSteps(): bool
    {
        $began = hrtime(true);
        do {
            $isMore = $this->step->handle();
        } while ($isMore && hrtime(true) - $began < self::STEP_NANOSECONDS);

        return $isMore;
    }
}
