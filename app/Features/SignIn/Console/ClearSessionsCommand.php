<?php

declare(strict_types=1);

namespace App\Features\SignIn\Console;

use Illuminate\Console\Command;
use Illuminate\Contracts\Session\Session;

/** Removes sessions that have ended. Requests do not: looking through the files of thousands of people would hold up whoever asks just then. */
final class ClearSessionsCommand extends Command
{
    protected $signature = 'moss:clear-sessions';

    protected $description = 'Remove sessions that have ended without use';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:clear-sessions
        HELP;

    public function handle(Session $sessions): int
    {
        $sessions->getHandler()->gc(config()->integer('session.lifetime') * 60);

        return self::SUCCESS;
    }
}
