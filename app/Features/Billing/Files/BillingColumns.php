<?php

declare(strict_types=1);

namespace App\Features\Billing\Files;

use App\Models\BillingDetail;
use App\Models\BillingKind;

/** The columns that billing files can have, in the order in which they stand where nobody chose another. */
final class BillingColumns
{
    private const OF_ENTRIES = ['date', 'note', 'corrects', 'correction'];

    private const OF_BILLS = ['client', 'client_name', 'rate', 'amount', 'note'];

    private const ALL = ['client', 'client_name', 'project', 'project_name', 'task', 'task_name', 'charge_code', 'person', 'person_name', 'role', 'date', 'corrects', 'correction', 'kind_of_pay', 'hours', 'minutes', 'rate', 'amount', 'note'];

    /** What rows that are sums do not tell apart. */
    private const BELOW = ['task' => ['person', 'person_name', 'role', 'rate'], 'project' => ['task', 'task_name', 'charge_code', 'person', 'person_name', 'role', 'rate'], 'person' => ['client', 'client_name', 'project', 'project_name', 'task', 'task_name', 'charge_code', 'role', 'rate']];

    /** @return list<string> */
    public static function of(BillingKind $kind, BillingDetail $detail): array
    {
        $left = [
            ...$kind === BillingKind::Bill ? ['kind_of_pay'] : self::OF_BILLS,
            ...$detail === BillingDetail::Entry ? [] : [...self::OF_ENTRIES, ...self::BELOW[$detail->value]],
        ];
        // Corrections stay apart whatever is summed up.
        $kept = [...array_diff(self::ALL, $left), ...$detail === BillingDetail::Entry ? [] : ['correction']];

        return array_values(array_filter(self::ALL, static fn (string $column): bool => in_array($column, $kept, true)));
    }
}
