<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Correction;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\Model;
use App\Models\Organisation;
use App\Models\Task;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Moss\Core\Review\RouteStep;
use Moss\Core\Sheet\EntryState;

/**
 * Gives submitted entries, expenses and proposed corrections to the approver whose turn it is, after managers, routes or entries have changed.
 * They are read without the write lock and given on some at a time, each only if it still waits where it did.
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
        $narrow = static fn (Builder $waiting, string $table): Builder => $waiting
            ->when($people !== null, static fn (Builder $theirs): Builder => $theirs->whereIntegerInRaw($table.'.person_id', $people ?? []))
            ->when($project !== null, static fn (Builder $some): Builder => $some->whereIn($table.'.task_id', Task::query()->toBase()->select('id')->where('project_id', $project)));
        $step = static fn (RoutedEntry $waiting): ?RouteStep => $waiting->route($default)->stepAfter($waiting->approvals);
        self::move($narrow(EntryRoute::entries()->where('entries.state', Sql::value('submitted')), 'entries'), $step, static fn (int $approvals): Builder => self::submitted(Entry::query(), $approvals));
        self::move($narrow(ExpenseRoute::expenses()->where('expenses.state', Sql::value('submitted')), 'expenses'), $step, static fn (int $approvals): Builder => self::submitted(Expense::query(), $approvals));
        self::move($narrow(CorrectionRoute::waiting(), 'corrections'), static fn (RoutedEntry $waiting): ?RouteStep => $waiting->route($default)->last(), static fn (): Builder => Correction::query()->waiting()->toBase());
    }

    /** @param  EloquentBuilder<covariant Model>  $all */
    private static function submitted(EloquentBuilder $all, int $approvals): Builder
    {
        return $all->toBase()->where('state', EntryState::Submitted->value)->where('approvals', $approvals);
    }

    /**
     * @param  callable(RoutedEntry): (RouteStep|null)  $step  whose turn it is
     * @param  callable(int): Builder  $still  those that still wait after so many approvals
     */
    private static function move(Builder $waiting, callable $step, callable $still): void
    {
        $moves = [];
        foreach (Rows::each(RoutedEntry::class, $waiting) as $entry) {
            $approver = $step($entry)?->approver;
            $before = (string) $entry->approverId;
            if (($approver ?? '') !== $before) {
                $moves[implode(' ', [$entry->approvals, $before, $approver ?? ''])][] = $entry->id;
            }
        }
        foreach ($moves as $move => $ids) {
            [$approvals, $from, $to] = explode(' ', $move);
            foreach (array_chunk($ids, self::AT_ONCE) as $chunk) {
                $still((int) $approvals)->whereIntegerInRaw('id', $chunk)
                    ->where('approver_id', $from === '' ? null : (int) $from)->update(['approver_id' => $to === '' ? null : (int) $to]);
            }
        }
    }
}
