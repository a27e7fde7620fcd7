<?php

declare(strict_types=1);

namespace App\Effort\Console;

use App\Effort\Recalculation\Recalculation;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Works off what is queued for recalculation; the scheduler runs it each minute, should the queue have been away. */
final class RecalculateCommand extends Command
{
    protected $signature = 'moss:recalculate';

    protected $description = 'Recalculate the stored totals that a large change has queued';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:recalculate
        HELP;

    public function handle(Recalculation $recalculation): int
    {
        $recalculation->finish();
        $this->line(Wording::of('commands.recalculated'));

        return self::SUCCESS;
    }
}
