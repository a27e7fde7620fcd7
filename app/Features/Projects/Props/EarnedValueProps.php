<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Effort\EarnedValue;

/** Earned value today: decimal text, money or, where the organisation has no rates, hours. */
final readonly class EarnedValueProps
{
    /**
     * @param  string|null  $costIndex  three decimals; null where nothing was spent
     * @param  string|null  $scheduleIndex  three decimals; null where nothing was planned yet
     */
    public function __construct(
        public string $planned,
        public string $earned,
        public string $actual,
        public ?string $costIndex,
        public ?string $scheduleIndex,
        public bool $isHours,
    ) {
    }

    public static function of(EarnedValue $value, bool $isHours): self
    {
        return new self(
            $value->planned->toString(),
            $value->earned->toString(),
            $value->actual->toString(),
            $value->costIndex()?->__toString(),
            $value->scheduleIndex()?->__toString(),
            $isHours,
        );
    }
}
