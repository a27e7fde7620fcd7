<?php

declare(strict_types=1);

namespace App\Features\Uploads\Console;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Removes uploads that were never used. */
final class ClearUploadsCommand extends Command
{
    protected $signature = 'moss:clear-uploads';

    protected $description = 'Remove uploads that were begun more than a day ago and never used';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:clear-uploads
        HELP;

    public function handle(ReceiveUpload $receive, Today $today): int
    {
        $this->line(Wording::choice('commands.uploads', $receive->clearBefore($today->instant()->modify('-1 day')->format('Y-m-d\TH:i:s\Z'))));

        return self::SUCCESS;
    }
}
