<?php

declare(strict_types=1);

namespace Moss\Core\Receipts;

/**
 * What was read from a receipt; null for what was not found.
 */
final readonly class ReceiptReading
{
    public function __construct(
        public ?SeenValue $seller,
        public ?SeenValue $date,
        public ?SeenValue $amount,
        public ?SeenValue $currency,
        public ?SeenValue $tax,
    ) {
    }
}
