<?php

declare(strict_types=1);

namespace App\Features\Billing\Files;

use App\Models\BillingDetail;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Support\Language\Wording;

/** The columns that billing files can have, in the order in which they stand where nobody chose another. */
final class BillingColumns
{
    private const OF_ENTRIES = ['date', 'note', 'corrects', 'correction'];

    private const OF_BILLS = ['client', 'client_name', 'rate', 'amount', 'note'];

    private const ALL = ['client', 'client_name', 'project', 'project_name', 'task', 'task_name', 'charge_code', 'person', 'person_name', 'role', 'date', 'corrects', 'correction', 'kind_of_pay', 'hours', 'minutes', 'rate', 'amount', 'note'];

    /** Of these, what people read on paper: names in the place of codes, and hours once. */
    private const READ = ['client_name', 'project_name', 'task_name', 'person_name', 'role', 'date', 'corrects', 'kind_of_pay', 'hours', 'rate', 'amount', 'note'];

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

    /** @return array<string, string> the headings of columns for people to read, entry by entry; the one client of a file stands in its title */
    public static function toRead(BillingFile $file): array
    {
        // Whoever pays people looks for them first, as their rows are sorted.
        $order = $file->kind === BillingKind::Payroll ? ['person_name', ...array_diff(self::READ, ['person_name'])] : self::READ;
        $columns = array_intersect($order, self::of($file->kind, BillingDetail::Entry), $file->client_id === null ? self::READ : array_diff(self::READ, ['client_name']));

        return array_combine($columns, array_map(static fn (string $column): string => Wording::of('billing.columns_to_read.'.$column), $columns));
    }
}
