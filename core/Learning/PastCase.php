<?php

declare(strict_types=1);

namespace Moss\Core\Learning;

use Brick\Math\BigDecimal;
use Moss\Core\Time\Minutes;

/** Finished work: what was first planned for it, which is more than nothing, and what it came to. */
final readonly class PastCase
{
    public function __construct(public Minutes $planned, public Minutes $cameTo)
    {
    }

    /** What it came to of what was planned, four decimals, half up. */
    public function ratio(): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($this->tenThousandths(), 4);
    }

    /** The same in ten thousandths, of which thousands are put in order quickly. */
    public function tenThousandths(): int
    {
        [$cameTo, $planned] = [$this->cameTo->toInt(), $this->planned->toInt()];
        $rounded = intdiv(20_000 * abs($cameTo) + $planned, 2 * $planned);

        return $cameTo < 0 ? -$rounded : $rounded;
    }
}
