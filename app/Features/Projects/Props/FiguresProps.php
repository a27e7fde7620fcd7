<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Effort\Figures;

/** The figures at completion, in minutes. */
final readonly class FiguresProps
{
    /**
     * @param  string|null  $variancePercentage  one decimal; null where nothing is planned
     * @param  MoneyProps|null  $money  null for those who may not see it, and where there are no rates
     */
    public function __construct(
        public int $planned,
        public int $actual,
        public int $pending,
        public int $remaining,
        public int $forecast,
        public int $variance,
        public ?string $variancePercentage,
        public ?MoneyProps $money,
    ) {
    }

    public static function of(Figures $figures, bool $withMoney): self
    {
        return new self(
            $figures->planned->toInt(),
            $figures->actual->toInt(),
            $figures->pending->toInt(),
            $figures->remaining->toInt(),
            $figures->forecast()->toInt(),
            $figures->variance()->toInt(),
            $figures->variancePercentage()?->__toString(),
            $withMoney ? MoneyProps::of($figures) : null,
        );
    }
}
