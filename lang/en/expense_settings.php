<?php

declare(strict_types=1);

/*
 * What the office is told while it keeps categories of expenses and currencies.
 */
return [
    'code' => 'Enter a code of lower-case letters, digits, points and dashes, such as travel.rail.',
    'code_taken' => 'There is a category with this code already. Enter another code.',
    'name' => 'Enter a name of at most 100 characters.',
    'tax' => 'Enter tax rates from 0 to 99.99 %, and shares that add up to 100 %.',
    'limit' => 'Enter the limit as an amount, such as 40 or 12.50, or leave it empty.',
    'team' => 'Choose teams from the list.',
    'currency' => 'Enter the code of a currency: three capital letters, such as CHF.',
    'places' => 'Enter 0 to 3 decimal places.',
    'smallest' => 'Enter the smallest coin as an amount, such as 0.01 or 0.05.',
    'rate' => 'Enter how much one unit is worth in your currency, such as 1.0823.',
    'own_rate' => 'Your own currency has no rate. Leave it empty.',
    'from' => 'Enter the day from which the rate applies.',
    'mileage_rate' => 'Enter the amount per kilometre with at most four decimal places, such as 0.30.',
    'saved' => 'Category saved.',
    'removed' => 'Category removed.',
    'used' => 'There are expenses in this category. Take it out of use instead.',
    'rate_saved' => 'Rate saved.',
    'rate_removed' => 'Rate removed.',
    'currency_saved' => 'Currency saved.',
    'currency_removed' => 'Currency removed.',
    'currency_used' => 'There are expenses in this currency, so it cannot be removed.',
];
