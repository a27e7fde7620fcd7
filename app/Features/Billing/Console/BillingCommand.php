<?php

declare(strict_types=1);

namespace App\Features\Billing\Console;

use App\Features\Billing\Jobs\FillBillingFileJob;
use App\Models\BillingFile;
use App\Models\BillingState;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Has billing files filled that were begun and whose worker died. */
final class BillingCommand extends Command
{
    protected $signature = 'moss:billing';

    protected $description = 'Queue billing files that are not filled yet';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:billing
        HELP;

    public function handle(): int
    {
        $ids = BillingFile::query()->where('state', BillingState::Settling)->pluck('id')->all();
        foreach ($ids as $id) {
            FillBillingFileJob::dispatch(is_numeric($id) ? (int) $id : 0);
        }
        $this->line(Wording::choice('billing.queued', count($ids)));

        return self::SUCCESS;
    }
}
