<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Support\Database\ShortSteps;
use Illuminate\Contracts\Foundation\Application;

/** Works off what acts have queued for recalculation. */
final readonly class Recalculation
{
    public function __construct(private RecalculationStep $step, private RecalculationQueue $queue, private Application $application)
    {
    }

    /** After an act that queued something, once its transaction has ended. */
    public function afterAct(): void
    {
        if ($this->application->runningInConsole()) {
            $this->finish();
        } elseif (! ShortSteps::runForPage($this->step->handle(...), $this->queue->steps())) {
            Recalculate::dispatch();
        }
    }

    public function finish(): void
    {
        ShortSteps::finish($this->step->handle(...));
    }
}
