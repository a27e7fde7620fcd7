<?php

declare(strict_types=1);

namespace App\Features\Periods\Console;

use App\Features\Periods\Actions\Settlement;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Settles what is still to be settled of a closed period; the scheduler runs it each minute, should the queue have been away. */
final class SettleCommand extends Command
{
    protected $signature = 'moss:settle';

    protected $description = 'Settle the remaining entries of a closed period';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:settle
        HELP;

    public function handle(Settlement $settlement): int
    {
        $settlement->finish();
        $this->line(Wording::of('commands.settled'));

        return self::SUCCESS;
    }
}
