<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\EntryPayKind;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Sheet\EntryState;

/**
 * As how many minutes an approved entry costs, where it is paid as something that costs more or less than regular time. Where its
 * kinds of pay do not add up to its minutes any more, it is regular.
 */
final class CostedMinutes
{
    /** Beside each row of a query on entries: hundredths of minutes; null where each minute costs one, and while it is not approved. */
    public static function beside(): Builder
    {
        return EntryPayKind::query()->toBase()->whereColumn('entry_pay_kinds.entry_id', 'entries.id')->whereIn('entries.state', [EntryState::Approved, EntryState::Settled])
            ->select(Sql::weighed('entry_pay_kinds.minutes', 'entry_pay_kinds.cost_percent', 'entries.minutes', 'costed'));
    }
}
