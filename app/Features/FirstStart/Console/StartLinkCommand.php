<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Console;

use App\Features\FirstStart\StartKey;
use App\Support\Console\WritesErrors;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

final class StartLinkCommand extends Command
{
    use WritesErrors;

    protected $signature = 'moss:start-link';

    protected $description = 'Print the link by which an empty installation is started in a browser';

    protected $help = <<<'HELP'
        Whoever opens it sets up the organisation and keeps its time office. It is worthless once there is a person.
        Example:
          php artisan moss:start-link
        HELP;

    public function handle(): int
    {
        if (! StartKey::isOpen()) {
            $this->complain(Wording::of('commands.started'));

            return self::FAILURE;
        }
        $this->line(StartKey::link());

        return self::SUCCESS;
    }
}
