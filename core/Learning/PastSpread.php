<?php

declare(strict_types=1);

namespace Moss\Core\Learning;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Time\Minutes;

/** How finished work turned out against its first plan: the middle of the ratios, and between which four of five lie. */
final readonly class PastSpread
{
    /** With fewer cases nothing is said. */
    public const FEWEST = 5;

    /**
     * @param  int  $count  of cases
     * @param  BigDecimal  $median  two decimals, like those below
     * @param  BigDecimal  $low  the tenth percentile, by nearest rank
     * @param  BigDecimal  $high  the ninetieth
     */
    private function __construct(public int $count, public BigDecimal $median, public BigDecimal $low, public BigDecimal $high)
    {
    }

    /**
     * Null where there are too few cases.
     *
     * @param  list<PastCase>  $cases
     */
    public static function of(array $cases): ?self
    {
        $count = count($cases);
        if ($count < self::FEWEST) {
            return null;
        }
        $ratios = array_map(static fn (PastCase $case): int => $case->tenThousandths(), $cases);
        sort($ratios);
        $ratio = static fn (int $place): BigDecimal => BigDecimal::ofUnscaledValue($ratios[$place], 4);
        $median = $ratio(intdiv($count - 1, 2))->plus($ratio(intdiv($count, 2)))->dividedBy(2, 2, RoundingMode::HALF_UP);

        return new self($count, $median, self::rounded($ratio(self::rank($count, 10))), self::rounded($ratio(self::rank($count, 90))));
    }

    /** What work that is planned with so much would come to by the median. */
    public function usual(Minutes $planned): Minutes
    {
        return self::times($planned, $this->median);
    }

    /** The least that four of five such would come to. */
    public function least(Minutes $planned): Minutes
    {
        return self::times($planned, $this->low);
    }

    /** The most. */
    public function most(Minutes $planned): Minutes
    {
        return self::times($planned, $this->high);
    }

    private static function times(Minutes $planned, BigDecimal $ratio): Minutes
    {
        return Minutes::of($ratio->multipliedBy($planned->toInt())->toScale(0, RoundingMode::HALF_UP)->toInt());
    }

    private static function rounded(BigDecimal $ratio): BigDecimal
    {
        return $ratio->toScale(2, RoundingMode::HALF_UP);
    }

    /** The place of a percentile by nearest rank, from 0. */
    private static function rank(int $count, int $percent): int
    {
        return max(0, intdiv($count * $percent + 99, 100) - 1);
    }
}
