<?php

declare(strict_types=1);

namespace App\Features\Receipts\Console;

use App\Features\Receipts\Actions\TakeMailedReceipts;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Takes receipts out of the mail that has come. */
final class ReceiptsMailCommand extends Command
{
    protected $signature = 'moss:receipts-mail';

    protected $description = 'Take receipts out of the mail that has come, for whoever sent them';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:receipts-mail
        HELP;

    public function handle(TakeMailedReceipts $take): int
    {
        [$taken, $aside] = $take->handle();
        $this->line(Wording::of('receipts.mail', ['taken' => $taken, 'aside' => $aside]));

        return self::SUCCESS;
    }
}
