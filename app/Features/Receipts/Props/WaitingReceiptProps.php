<?php

declare(strict_types=1);

namespace App\Features\Receipts\Props;

/** A receipt that waits for an expense, and what seems to stand on it. */
final readonly class WaitingReceiptProps
{
    /**
     * @param  bool  $isRead  false while nobody has looked yet
     * @param  string|null  $category  that it seems to be of, by its seller
     * @param  bool  $isFromBefore  as the last time with this seller
     * @param  string|null  $trip  a name for the trip that it seems to belong to
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $isPicture,
        public bool $isMailed,
        public bool $isRead,
        public string $receivedAt,
        public ?SeenFieldProps $seller,
        public ?SeenFieldProps $date,
        public ?SeenFieldProps $amount,
        public ?SeenFieldProps $currency,
        public ?SeenFieldProps $tax,
        public ?string $category,
        public bool $isFromBefore,
        public ?string $trip,
    ) {
    }
}
