<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * Where an entry stands between being written down and being fixed for good.
 */
enum EntryState: string
{
    case Draft = 'draft';
    case Submitted = 'submitted';
    case Approved = 'approved';
    case Returned = 'returned';
    case Settled = 'settled';

    /** Approved and settled time is actual, the rest is pending. */
    public function isActual(): bool
    {
        return $this === self::Approved || $this === self::Settled;
    }

    /** @return non-empty-list<self> those in which an entry may still become another or go */
    public static function unsettled(): array
    {
        return [self::Draft, self::Submitted, self::Approved, self::Returned];
    }

    /** Draft and returned time may be edited and submitted. */
    public function isOpen(): bool
    {
        return $this === self::Draft || $this === self::Returned;
    }
}
