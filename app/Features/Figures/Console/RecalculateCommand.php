<?php

declare(strict_types=1);

namespace App\Features\Figures\Console;

use App\Features\Figures\Actions\Recalculation;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Works off what is queued for recalculation; the scheduler runs it each minute, should the queue have been away. */
final class RecalculateCommand extends Command
{
    protected $signature = 'moss:recalculate';

    protected $description = 'Bring stored totals up to date where an act has queued them';

    public function handle(Recalculation $recalculation): int
    {
        $recalculation->finish();
        $this->line(Wording::of('commands.recalculated'));

        return self::SUCCESS;
    }
}
