<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Works off what is queued for recalculation; several at once do no harm. */
final class Recalculate implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;

    public int $timeout = 600;

    public function handle(Recalculation $recalculation): void
    {
        $recalculation->finish();
    }
}
