<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Support\Database\ShortSteps;
use Illuminate\Contracts\Foundation\Application;

/** Works off what acts have queued for recalculation. */
final readonly class Recalculation
{
    /** A page waits so long for its act's recalculation; the rest is done in the background. */
    private const REQUEST_NANOSECONDS = 150_000_000;

    public function __construct(private RecalculationStep $step, private Application $application)
    {
    }

    /** After an act that queued something, once its transaction has ended. */
    public function afterAct(): void
    {
        if ($this->application->runningInConsole()) {
            $this->finish();
        } elseif (! ShortSteps::run($this->step->handle(...), self::REQUEST_NANOSECONDS)) {
            Recalculate::dispatch();
        }
    }

    public function finish(): void
    {
        ShortSteps::run($this->step->handle(...), null);
    }
}
