<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\Expenses\LimitPer;

/** A category as the office keeps it. Percentages and amounts are decimals with a dot. */
final readonly class CategorySettingsProps
{
    /**
     * @param  list<TaxShareProps>  $taxShares
     * @param  string  $limit  empty for none
     * @param  list<OptionProps>  $teams  who may use it; none for everybody
     * @param  list<DatedRateProps>  $mileageRates  the latest first
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public bool $isActive,
        public bool $isMileage,
        public bool $reclaimsTax,
        public bool $isCharged,
        public array $taxShares,
        public string $limit,
        public LimitPer $limitPer,
        public array $teams,
        public array $mileageRates,
    ) {
    }
}
