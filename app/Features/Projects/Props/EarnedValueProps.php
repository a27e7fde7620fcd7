<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Effort\EarnedValue;
use Moss\Core\Effort\Performance;

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
        public ?Performance $cost,
        public ?Performance $schedule,
        public bool $isHours,
    ) {
    }

    public static function of(EarnedValue $value, bool $isHours): self
    {
        [$cost, $schedule] = [$value->costIndex(), $value->scheduleIndex()];

        return new self(
            $value->planned->toString(),
            $value->earned->toString(),
            $value->actual->toString(),
            $cost?->__toString(),
            $schedule?->__toString(),
            $cost === null ? null : Performance::of($cost),
            $schedule === null ? null : Performance::of($schedule),
            $isHours,
        );
    }
}
