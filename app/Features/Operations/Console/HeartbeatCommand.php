<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Actions\Beat;
use App\Support\Console\ReadsOptions;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

final class HeartbeatCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:heartbeat
        {of=scheduler : what was at work: scheduler, or backup}';

    protected $description = 'Show that the scheduler is at work, or that a backup was made';

    protected $help = <<<'HELP'
        The scheduler runs it every minute, bin/backup once a backup could be restored; /up tells from it whether they are well.
        Example:
          php artisan moss:heartbeat
        HELP;

    public function handle(Beat $beat): int
    {
        $of = $this->argumentText('of');
        if (! in_array($of, [Beat::SCHEDULER, Beat::BACKUP], true)) {
            $this->complain(Wording::of('commands.heartbeat', ['of' => $of]));

            return self::FAILURE;
        }
        $beat->handle($of);

        return self::SUCCESS;
    }
}
