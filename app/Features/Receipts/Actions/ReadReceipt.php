<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Expenses\Currencies;
use App\Features\Receipts\Reading\ReceiptWords;
use App\Models\Receipt;
use App\Models\ReceiptState;
use Moss\Core\Calendar\Day;
use Moss\Core\Receipts\ReceiptText;
use Moss\Core\Receipts\SeenValue;

/** Looks what stands on a receipt, and pencils it. */
final readonly class ReadReceipt
{
    public function __construct(private ReceiptWords $words)
    {
    }

    public function handle(Receipt $receipt): void
    {
        $read = ReceiptText::of($this->words->of($receipt->path(), $receipt->media_type))->read(Day::of(substr($receipt->received_at, 0, 10))->plusDays(1), Currencies::load()->codes());
        $fields = [];
        foreach (['seller' => $read->seller, 'date' => $read->date, 'amount' => $read->amount, 'currency' => $read->currency, 'tax' => $read->tax] as $name => $seen) {
            if ($seen instanceof SeenValue) {
                $fields[$name] = ['value' => $seen->value, 'line' => $seen->line, 'seen' => $seen->seen, 'sureness' => $seen->sureness];
            }
        }
        $receipt->fill(['state' => ReceiptState::Read, 'reading' => $fields])->save();
    }
}
