<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Models\Entry;
use RuntimeException;

/** A cell that cannot be saved; the message is a sentence for people. Nothing was changed. */
final class CellRefused extends RuntimeException
{
    private function __construct(string $sentence, public readonly bool $hasMovedOn, public readonly ?Entry $current)
    {
        parent::__construct($sentence);
    }

    public static function because(string $sentence): self
    {
        return new self($sentence, false, null);
    }

    /**
     * Somebody else, or another tab, was there first.
     *
     * @param  Entry|null  $current  what the cell holds now; null where it is empty
     */
    public static function movedOn(string $sentence, ?Entry $current): self
    {
        return new self($sentence, true, $current);
    }
}
