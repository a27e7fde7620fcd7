<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\EntryRoute;
use App\Features\Review\Props\SelfApprovedProps;
use App\Models\Decision;
use App\Models\Person;
use App\Support\Database\Rows;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/**
 * Time that approved itself and can still be reopened by whoever would have decided: no longer ago than a week, and not
 * acted on since.
 */
final class SelfApproved
{
    public const DAYS = 7;

    /** The entries with what they were before, whoever they would have waited for. */
    public static function entries(): Builder
    {
        return EntryRoute::entries()
            ->join('decided_entries', static fn (JoinClause $join): JoinClause => $join->on('decided_entries.entry_id', 'entries.id')->whereColumn('decided_entries.version', 'entries.version'))
            ->join('decisions', 'decisions.id', 'decided_entries.decision_id')
            ->where('decisions.decision', 'approve itself')
            ->where('entries.state', 'approved')
            ->addSelect('decisions.at', 'people.name', 'decided_entries.version AS decided_version', 'approvals_before', 'approver_before_id', 'decided_before_id');
    }

    /** Those that the person would have decided on, since the day from which they can still be reopened. */
    public static function of(Person $person, Day $today): Builder
    {
        $decided = Decision::query()->toBase()->join('decided_entries', 'decided_entries.decision_id', 'decisions.id')
            ->whereNull('decisions.actor_id')->where('decisions.at', '>=', self::since($today))->select('decided_entries.entry_id');

        return self::entries()
            ->whereIn('entries.id', $decided)
            ->where('decisions.at', '>=', self::since($today))
            ->where('entries.person_id', '<>', $person->id)
            ->where(static fn (Builder $turn): Builder => $turn->where('approver_before_id', $person->id)
                ->when($person->isOffice(), static fn (Builder $office): Builder => $office->orWhereNull('approver_before_id')));
    }

    /** @return list<SelfApprovedProps> by person and week, the newest week first; in one query */
    public static function sheets(Person $person, Day $today): array
    {
        $sheets = [];
        foreach (Rows::of(SelfApprovedEntry::class, self::of($person, $today)->orderByDesc('entries.date')->orderBy('people.name')) as $one) {
            $entry = $one->decided->entry;
            $week = Week::containing($entry->date);
            $key = $week->toString().' '.$one->name;
            $known = $sheets[$key] ?? null;
            $sheets[$key] = new SelfApprovedProps(
                $one->name, $week->toString(), $week->number(), ($known->minutes ?? 0) + $entry->minutes->toInt(), [...($known->entries ?? []), $entry->id],
            );
        }

        return array_values($sheets);
    }

    public static function since(Day $today): string
    {
        return $today->plusDays(-self::DAYS)->toString();
    }
}
