<?php

declare(strict_types=1);

namespace App\Features\Receipts\Jobs;

use App\Features\Receipts\Actions\ReadReceipt;
use App\Models\Receipt;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Reads one receipt. */
final class ReadReceiptJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 90;

    public function __construct(private readonly int $receipt)
    {
    }

    public function handle(ReadReceipt $read): void
    {
        $receipt = Receipt::query()->find($this->receipt);
        if ($receipt !== null) {
            $read->handle($receipt);
        }
    }
}
