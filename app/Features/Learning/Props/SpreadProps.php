<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

use Moss\Core\Learning\PastSpread;

/** How finished work turned out against its first plan, as ratios with two decimals. */
final readonly class SpreadProps
{
    /** @param  int  $count  of cases */
    public function __construct(public int $count, public string $median, public string $low, public string $high)
    {
    }

    public static function of(PastSpread $spread): self
    {
        return new self($spread->count, (string) $spread->median, (string) $spread->low, (string) $spread->high);
    }
}
