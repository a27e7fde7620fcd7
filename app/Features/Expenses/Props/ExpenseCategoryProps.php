<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A category that an expense may be of. */
final readonly class ExpenseCategoryProps
{
    /**
     * @param  string  $tax  how it is usually taxed, `7 % of 70 %, 19 % of 30 %`; empty for no tax
     * @param  string|null  $limit  a decimal in the organisation's currency
     */
    public function __construct(
        public string $code,
        public string $name,
        public bool $isMileage,
        public bool $isCharged,
        public string $tax,
        public ?string $limit,
        public bool $limitIsPerDay,
    ) {
    }
}
