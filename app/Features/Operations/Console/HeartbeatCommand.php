<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Actions\Beat;
use App\Features\Operations\Jobs\BeatQueue;
use Illuminate\Console\Command;

final class HeartbeatCommand extends Command
{
    protected $signature = 'moss:heartbeat';

    protected $description = 'Show that the scheduler is at work, and ask the queue to do so';

    protected $help = <<<'HELP'
        The scheduler runs it every minute; /up tells from it whether both are well.
        Example:
          php artisan moss:heartbeat
        HELP;

    public function handle(Beat $beat): int
    {
        $beat->handle(Beat::SCHEDULER);
        BeatQueue::dispatch();

        return self::SUCCESS;
    }
}
