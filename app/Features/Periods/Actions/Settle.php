<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Settles what is still to be settled of a closed period; several at once do no harm. */
final class Settle implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public int $timeout = 600;

    public function handle(Settlement $settlement): void
    {
        $settlement->finish();
    }
}
