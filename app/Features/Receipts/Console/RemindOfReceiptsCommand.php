<?php

declare(strict_types=1);

namespace App\Features\Receipts\Console;

use App\Features\Receipts\Actions\RemindOfReceipts;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Reminds people of receipts that wait to be confirmed. */
final class RemindOfReceiptsCommand extends Command
{
    protected $signature = 'moss:receipts-reminders';

    protected $description = 'Remind people of receipts that wait to be confirmed';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:receipts-reminders
        HELP;

    public function handle(RemindOfReceipts $remind, Today $today): int
    {
        $this->line(Wording::of('receipts.reminded', ['count' => $remind->handle($today->in('UTC'))]));

        return self::SUCCESS;
    }
}
