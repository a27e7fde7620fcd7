<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Effort\Figures;
use Moss\Core\Money\Cost;

/** Costs beside the hours: decimal text with two places, and the minutes for which no rate is known. */
final readonly class MoneyProps
{
    /**
     * @param  string|null  $plannedCost  null where nothing of it is known
     * @param  string|null  $actualCost  null where nothing of it is known
     * @param  string|null  $forecastCost  null where nothing of it is known
     * @param  string|null  $variance  forecast less planned, of what is known of both; null where one is not
     */
    public function __construct(
        public ?string $plannedCost,
        public ?string $actualCost,
        public ?string $forecastCost,
        public ?string $variance,
        public int $unratedPlanned,
        public int $unratedEntered,
        public ?string $budget,
        public ?string $budgetLeft,
    ) {
    }

    public static function of(Figures $figures): self
    {
        return new self(
            self::known($figures->plannedCost),
            self::known($figures->actualCost),
            self::known($figures->forecastCost),
            self::known($figures->plannedCost) === null || self::known($figures->forecastCost) === null ? null : $figures->forecastCost->known->minus($figures->plannedCost->known)->toString(),
            $figures->plannedCost->unrated->toInt(),
            $figures->enteredCost->unrated->toInt(),
            $figures->budget?->toString(),
            $figures->budgetLeft()?->toString(),
        );
    }

    private static function known(Cost $cost): ?string
    {
        return $cost->known->cents() === 0 && ! $cost->unrated->isZero() ? null : $cost->known->toString();
    }
}
