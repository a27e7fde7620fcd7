<?php

declare(strict_types=1);

namespace App\Exchange\Jobs;

use App\Exchange\Actions\WorkOffTransfer;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Checks, imports or exports files in the background. Taken up a second time while it runs, it does nothing. */
final class RunTransfer implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 3600;

    public function __construct(public readonly int $transfer)
    {
    }

    public function handle(WorkOffTransfer $work): void
    {
        $work->handle($this->transfer);
    }
}
