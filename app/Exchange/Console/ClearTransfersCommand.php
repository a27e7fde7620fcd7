<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Exchange\ExchangeText;
use App\Models\FileTransfer;
use App\Models\TransferKind;
use App\Models\TransferState;
use App\Support\Clock\Today;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Removes the files of exports after a day, and of imports after a month; and says of what stopped half-way that it failed. */
final class ClearTransfersCommand extends Command
{
    protected $signature = 'moss:clear-transfers';

    protected $description = 'Remove the files of exports after a day and of imports after a month';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:clear-transfers
        HELP;

    public function handle(Today $today): int
    {
        $before = static fn (string $age): string => $today->instant()->modify($age)->format('Y-m-d\TH:i:s\Z');
        foreach ([[TransferKind::Export, '-1 day'], [TransferKind::Import, '-30 days']] as [$kind, $age]) {
            foreach (FileTransfer::query()->where('kind', $kind)->where('begun_at', '<', $before($age))->get() as $transfer) {
                File::deleteDirectory($transfer->folder());
            }
        }
        FileTransfer::query()->whereIn('state', [TransferState::Checking, TransferState::Running])->where('begun_at', '<', $before('-1 day'))
            ->update(['state' => TransferState::Failed, 'problem' => ExchangeText::get('transfer.failed')]);

        return self::SUCCESS;
    }
}
