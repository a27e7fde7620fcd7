<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;

/**
 * A distance in whole tenths of a kilometre, above 0.
 */
final readonly class Distance
{
    private const MOST = 99_999;

    private function __construct(public int $tenths)
    {
    }

    /**
     * @param  string  $text  kilometres: a decimal with a dot and at most one place, up to 9999.9
     *
     * @throws NotAnAmount
     */
    public static function of(string $text): self
    {
        if (preg_match('/^\d{1,4}(\.\d)?$/D', $text) !== 1) {
            throw NotAnAmount::text($text);
        }

        return self::tenths(BigDecimal::of($text)->toScale(1)->getUnscaledValue()->toInt());
    }

    /** @throws NotAnAmount */
    public static function tenths(int $tenths): self
    {
        if ($tenths < 1 || $tenths > self::MOST) {
            throw NotAnAmount::text((string) $tenths);
        }

        return new self($tenths);
    }

    /** Kilometres with one place where it carries something: `12`, `12.5`. */
    public function toString(): string
    {
        return $this->tenths % 10 === 0 ? (string) intdiv($this->tenths, 10) : (string) BigDecimal::ofUnscaledValue($this->tenths, 1);
    }
}
