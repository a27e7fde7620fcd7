<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Props;

/** The categories of expenses, and the currencies that they may be in. */
final readonly class ExpenseSettingsProps
{
    /**
     * @param  list<CategorySettingsProps>  $categories  by name
     * @param  string|null  $opened  the code of the category that is being changed
     * @param  list<CurrencySettingsProps>  $currencies  by code
     */
    public function __construct(public array $categories, public ?string $opened, public array $currencies, public string $currency)
    {
    }
}
