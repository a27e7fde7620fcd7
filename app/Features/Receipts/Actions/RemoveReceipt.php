<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Models\Receipt;
use Illuminate\Support\Facades\File;

/** Removes a receipt that waits for an expense. */
final class RemoveReceipt
{
    /** @throws ReceiptRefused if an expense has it */
    public function handle(Receipt $receipt): void
    {
        if (Receipt::query()->whereKey($receipt->id)->whereNull('expense_id')->delete() === 0) {
            throw ReceiptRefused::because('in_use');
        }
        File::delete($receipt->path());
    }
}
