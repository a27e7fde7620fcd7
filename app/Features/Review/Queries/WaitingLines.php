<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Effort\RatesInForce;
use App\Features\Review\Props\WaitingCellProps;
use App\Features\Review\Props\WaitingLineProps;
use App\Models\Person;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Pay\PaidWeek;
use App\Sheet\LineKey;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Pricing;
use Moss\Core\OwnFields\FieldSubject;

/** The lines of sheets with the entries on them that wait for an approver. */
final readonly class WaitingLines
{
    public function __construct(private Waiting $waiting)
    {
    }

    /**
     * @param  list<WaitingWeek>  $sheets  with their person and Monday
     * @param  array<string, PaidWeek>  $paid  the same by kinds of pay, where any but regular time is paid
     * @return array<string, WaitingLinesOfSheet> by person and Monday
     */
    public function of(Person $approver, Day $today, DeskFilter $filter, array $sheets, array $paid): array
    {
        $pricing = RatesInForce::of(array_values(array_unique(array_map(static fn (WaitingWeek $sheet): int => $sheet->personId, $sheets))));
        $fields = OwnFieldList::of(FieldSubject::Entry);
        $bySheet = [];
        foreach (Rows::of(WaitingEntry::class, $this->entries($approver, $today, $filter, $sheets)) as $entry) {
            $bySheet[$entry->personId.' '.$entry->monday->toString()][LineKey::of($entry->taskId, $entry->roleId)][] = $entry;
        }

        $ofSheets = [];
        foreach ($bySheet as $key => $lines) {
            $ofSheets[$key] = $this->ofSheet($approver, $lines, $pricing, $fields, $paid[$key] ?? null);
        }

        return $ofSheets;
    }

    /** @param  list<WaitingWeek>  $sheets */
    private function entries(Person $approver, Day $today, DeskFilter $filter, array $sheets): Builder
    {
        return $filter->narrow($this->waiting->for($approver, $today))
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->leftJoin('people AS approvers', 'approvers.id', 'entries.approver_id')
            ->leftJoin('people AS project_managers', 'project_managers.id', 'projects.manager_id')
            ->leftJoin('people AS line_managers', 'line_managers.id', 'people.manager_id')
            ->leftJoin('people AS recorders', static fn (JoinClause $join): JoinClause => $join
                ->on('recorders.id', 'entries.recorded_by_id')->whereColumn('recorders.id', '<>', 'entries.person_id'))
            ->where(static function (Builder $any) use ($sheets): void {
                foreach ($sheets as $sheet) {
                    $any->orWhere(static fn (Builder $one): Builder => $one->where('entries.person_id', $sheet->personId)
                        ->whereBetween('entries.date', [$sheet->monday, $sheet->monday->plusDays(6)]));
                }
            })
            ->select('entries.id', 'entries.version', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.note', 'entries.client_note')
            ->addSelect('entries.approver_id', 'entries.approvals', 'entries.needs_attention', 'approvers.name AS approver', 'recorders.name AS recorder', 'people.code AS person')
            ->addSelect('tasks.name AS task_name', 'projects.code AS project', 'projects.name AS project_name', 'roles.code AS role', 'roles.name AS role_name')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id', 'project_managers.name AS project_manager', 'line_managers.name AS line_manager')
            // The organisation's route, for projects without one of their own.
            ->crossJoin('organisations')->addSelect(Sql::first(['projects.approval', 'organisations.approval'], 'approval'))
            ->addSelect(Sql::first(['entries.billable', 'tasks.billable', 'projects.billable'], 'is_billable'), Sql::monday('entries.date', 'monday'), 'entries.charge_code')
            ->selectSub(OwnFieldValues::beside(FieldSubject::Entry, 'entries.id'), 'fields')
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('roles.code')->orderBy('entries.date');
    }

    /** @param  array<string, non-empty-list<WaitingEntry>>  $lines */
    private function ofSheet(Person $approver, array $lines, Pricing $pricing, OwnFieldList $fields, ?PaidWeek $paid): WaitingLinesOfSheet
    {
        $minutes = 0;
        $standingInFor = [];
        $props = [];
        foreach ($lines as $key => $entries) {
            foreach ($entries as $entry) {
                $minutes += $entry->minutes->toInt();
                $turn = $entry->approver;
                if ($turn !== null && $entry->approverId !== $approver->id) {
                    $standingInFor[$turn] = true;
                }
            }
            $props[] = $this->line($approver, $key, $entries, $pricing, $paid);
        }

        return new WaitingLinesOfSheet($props, $minutes, array_map(strval(...), array_keys($standingInFor)), FieldSums::of($fields, array_merge(...array_values($lines)), $approver));
    }

    /** @param  non-empty-list<WaitingEntry>  $entries */
    private function line(Person $approver, string $key, array $entries, Pricing $pricing, ?PaidWeek $paid): WaitingLineProps
    {
        $first = $entries[0];
        $seesMoney = $approver->seesCostOfProjectsOf($first->projectManagerId);

        return new WaitingLineProps(
            $key,
            $first->taskName,
            $first->project,
            $first->projectName,
            $first->roleName,
            $first->isBillable,
            self::chargeCodes($entries),
            $first->approvals,
            $first->routeAfter(),
            array_map(static fn (WaitingEntry $entry): WaitingCellProps => new WaitingCellProps(
                $entry->id,
                $entry->version,
                $entry->date->toString(),
                $entry->minutes->toInt(),
                $entry->needsAttention,
                $entry->note,
                $entry->clientNote,
                $entry->recorder,
                $seesMoney ? self::cost($entry, $pricing, $paid) : null,
            ), $entries),
        );
    }

    /** @param  non-empty-list<WaitingEntry>  $entries */
    private static function chargeCodes(array $entries): ?string
    {
        $codes = array_unique(array_filter(array_map(static fn (WaitingEntry $entry): ?string => $entry->chargeCode, $entries), static fn (?string $code): bool => $code !== null));

        return $codes === [] ? null : implode(', ', $codes);
    }

    private static function cost(WaitingEntry $entry, Pricing $pricing, ?PaidWeek $paid): ?int
    {
        $cost = $pricing->cost($entry->person, $entry->role, $entry->date, $entry->minutes, $paid?->costedHundredths($entry->id));

        return $cost->unrated->isZero() ? $cost->known->cents() : null;
    }
}
