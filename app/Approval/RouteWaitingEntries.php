<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Entry;
use App\Models\Expense;
use App\Models\Organisation;
use App\Models\Task;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\EntryState;

/**
 * Gives submitted entries and expenses to the approver whose turn it is, after managers, routes or entries have changed. Entries are read
 * without the write lock and given on some at a time, each only if it still waits where it did.
 */
final class RouteWaitingEntries
{
    private const AT_ONCE = 500;

    /**
     * @param  int|null  $project  null for all
     * @param  list<int>|null  $people  null for all
     */
    public function handle(?int $project = null, ?array $people = null): void
    {
        $default = Organisation::query()->sole()->approval;
        $narrow = static fn (Builder $waiting, string $table): Builder => $waiting->where($table.'.state', Sql::value('submitted'))
            ->when($people !== null, static fn (Builder $theirs): Builder => $theirs->whereIntegerInRaw($table.'.person_id', $people ?? []))
            ->when($project !== null, static fn (Builder $some): Builder => $some->whereIn($table.'.task_id', Task::query()->toBase()->select('id')->where('project_id', $project)));
        self::move($narrow(EntryRoute::entries(), 'entries'), Entry::class, $default);
        self::move($narrow(ExpenseRoute::expenses(), 'expenses'), Expense::class, $default);
    }

    /** @param  class-string<Entry|Expense>  $model */
    private static function move(Builder $waiting, string $model, RouteKind $default): void
    {
        $moves = [];
        foreach (Rows::each(RoutedEntry::class, $waiting) as $entry) {
            $approver = $entry->route($default)->stepAfter($entry->approvals)?->approver;
            $before = (string) $entry->approverId;
            if (($approver ?? '') !== $before) {
                $moves[implode(' ', [$entry->approvals, $before, $approver ?? ''])][] = $entry->id;
            }
        }
        foreach ($moves as $move => $ids) {
            [$approvals, $from, $to] = explode(' ', $move);
            foreach (array_chunk($ids, self::AT_ONCE) as $chunk) {
                $model::query()->whereIntegerInRaw('id', $chunk)->where('state', EntryState::Submitted->value)->where('approvals', (int) $approvals)
                    ->where('approver_id', $from === '' ? null : (int) $from)->update(['approver_id' => $to === '' ? null : (int) $to]);
            }
        }
    }
}
