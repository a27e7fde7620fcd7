<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Console;

use App\Features\ClientSystems\Actions\RemindOfOpenWeeks;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Reminds people of weeks in which a client's system has other hours. */
final class ClientSystemsCommand extends Command
{
    protected $signature = 'moss:client-systems';

    protected $description = 'Remind people of hours that differ from those in clients\' systems';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:client-systems
        HELP;

    public function handle(RemindOfOpenWeeks $remind): int
    {
        $this->line(Wording::choice('clientsystems.reminded', $remind->handle()));

        return self::SUCCESS;
    }
}
