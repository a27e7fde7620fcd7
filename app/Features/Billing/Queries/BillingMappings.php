<?php

declare(strict_types=1);

namespace App\Features\Billing\Queries;

use App\Features\Billing\Files\BillingColumns;
use App\Models\BillingDetail;
use App\Models\BillingKind;
use App\Models\BillingMapping;
use App\Support\Language\Wording;

/** How billing files can be made up. */
final class BillingMappings
{
    /** A saved one of the kind, else all columns line by line. */
    public static function of(BillingKind $kind, ?int $id): BillingMapping
    {
        return BillingMapping::query()->where('kind', $kind)->find($id ?? 0) ?? self::usual($kind);
    }

    public static function usual(BillingKind $kind): BillingMapping
    {
        $columns = BillingColumns::of($kind, BillingDetail::Entry);

        return new BillingMapping(['kind' => $kind, 'name' => Wording::of('billing.all_columns'), 'detail' => BillingDetail::Entry, 'columns' => array_combine($columns, $columns)]);
    }
}
