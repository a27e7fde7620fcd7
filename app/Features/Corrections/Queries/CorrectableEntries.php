<?php

declare(strict_types=1);

namespace App\Features\Corrections\Queries;

use App\Approval\EntryRoute;
use App\Models\Entry;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;

/** Entries with what they come to now, posted differences included, and the correction that waits for them. */
final class CorrectableEntries
{
    /** Rows of `CorrectableEntry`. */
    public static function query(): Builder
    {
        $posted = Entry::query()->from('entries', 'posted')->toBase()->select(Sql::total('posted.minutes'))
            ->whereColumn('posted.person_id', 'entries.person_id')->whereColumn('posted.task_id', 'entries.task_id')
            ->where(Sql::first(['posted.role_id'], none: 0), Sql::first(['entries.role_id'], none: 0))->whereColumn('posted.corrects', 'entries.date');

        return EntryRoute::entries()->whereNull('entries.corrects')
            ->leftJoin('corrections', static fn (JoinClause $join): JoinClause => $join->on('corrections.entry_id', 'entries.id')->where('corrections.state', 'waiting'))
            ->addSelect('corrections.id AS correction', 'corrections.minutes AS proposed', 'corrections.reason', 'entries.charge_code')
            ->selectSub($posted, 'posted');
    }
}
