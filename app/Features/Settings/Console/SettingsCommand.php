<?php

declare(strict_types=1);

namespace App\Features\Settings\Console;

use App\Features\Settings\Actions\ApplyPlannedSettings;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Lets settings that are planned for today hold. */
final class SettingsCommand extends Command
{
    protected $signature = 'moss:settings';

    protected $description = 'Apply the settings that are planned up to today';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:settings
        HELP;

    public function handle(ApplyPlannedSettings $apply, Today $today): int
    {
        $this->line(Wording::choice('commands.settings', $apply->handle($today->in('UTC'))));

        return self::SUCCESS;
    }
}
