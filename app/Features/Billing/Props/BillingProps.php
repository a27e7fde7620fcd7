<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

use App\Lookup\Props\OptionProps;
use App\Models\BillingDetail;
use App\Models\BillingKind;

/** What was and would be billed, and paid. */
final readonly class BillingProps
{
    /**
     * @param  OptionProps|null  $client  whose time would be billed; null for all
     * @param  string  $from  the day after the last file of the kind, else the first of last month
     * @param  list<BillingFileProps>  $files  the newest first
     * @param  list<BillingMappingProps>  $mappings
     * @param  list<string>  $columns  that rows of this kind and detail can have
     */
    public function __construct(
        public BillingKind $kind,
        public ?OptionProps $client,
        public string $from,
        public string $until,
        public array $files,
        public int $page,
        public int $pages,
        public array $mappings,
        public BillingDetail $detail,
        public array $columns,
        public string $currency,
    ) {
    }
}
