<?php

declare(strict_types=1);

namespace App\Features\Rates\Props;

use App\Lookup\Props\OptionProps;

/** The page of rates. */
final readonly class RatesProps
{
    /**
     * @param  string  $currency  three letters, as in ISO 4217
     * @param  list<RateProps>  $rates  a page of them
     * @param  int  $count  of all that were looked for
     * @param  bool  $hasAny  whether there is any rate at all
     * @param  list<UnratedProps>  $unrated  with most time first
     * @param  list<OptionProps>  $readers  who sees cost on the projects that they manage
     * @param  bool  $showsBillValue  whether people see what their own time brings in
     */
    public function __construct(
        public string $currency,
        public string $search,
        public array $rates,
        public int $count,
        public bool $hasAny,
        public int $page,
        public int $pages,
        public array $unrated,
        public array $readers,
        public bool $showsBillValue,
        public string $today,
    ) {
    }
}
