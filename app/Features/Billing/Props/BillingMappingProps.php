<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

use App\Models\BillingDetail;
use App\Models\BillingKind;

/** How billing files are made up. */
final readonly class BillingMappingProps
{
    /** @param  list<MappedColumnProps>  $columns */
    public function __construct(public int $id, public BillingKind $kind, public string $name, public BillingDetail $detail, public array $columns)
    {
    }
}
