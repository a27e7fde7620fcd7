<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\RouteNames;
use App\Approval\Waiting;
use App\Effort\RatesInForce;
use App\Features\Review\Props\WaitingCellProps;
use App\Features\Review\Props\WaitingLineProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Pricing;
use Moss\Core\Review\RouteKind;
use Moss\Core\Time\Minutes;

/** The lines of sheets with the entries on them that wait for an approver. */
final readonly class WaitingLines
{
    public function __construct(private Waiting $waiting)
    {
    }

    /**
     * @param  list<Record>  $sheets  with their person and Monday
     * @return array<string, WaitingLinesOfSheet> by person and Monday
     */
    public function of(Person $approver, Day $today, DeskFilter $filter, array $sheets): array
    {
        $default = Organisation::query()->sole()->approval;
        $pricing = RatesInForce::of(array_values(array_unique(array_map(static fn (Record $sheet): int => $sheet->int('person_id'), $sheets))));
        $bySheet = [];
        foreach (Record::all($this->entries($approver, $today, $filter, $sheets)) as $entry) {
            $bySheet[$entry->int('person_id').' '.$entry->string('monday')][LineKey::of($entry->int('task_id'), $entry->intOrNull('role_id'))][] = $entry;
        }

        return array_map(fn (array $lines): WaitingLinesOfSheet => $this->ofSheet($approver, $lines, $default, $pricing), $bySheet);
    }

    /** @param  list<Record>  $sheets */
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
                    $any->orWhere(static fn (Builder $one): Builder => $one->where('entries.person_id', $sheet->int('person_id'))
                        ->whereBetween('entries.date', [$sheet->string('monday'), Day::of($sheet->string('monday'))->plusDays(6)->toString()]));
                }
            })
            ->select('entries.id', 'entries.version', 'entries.person_id', 'entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.note', 'entries.client_note')
            ->addSelect('entries.approver_id', 'entries.approvals', 'entries.needs_attention', 'approvers.name AS approver', 'recorders.name AS recorder', 'people.code AS person')
            ->addSelect('tasks.name AS task_name', 'projects.code AS project', 'projects.name AS project_name', 'projects.approval', 'roles.code AS role', 'roles.name AS role_name')
            ->addSelect('projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id', 'project_managers.name AS project_manager', 'line_managers.name AS line_manager')
            ->addSelect(Sql::first(['entries.billable', 'tasks.billable', 'projects.billable'], 'is_billable'), Sql::monday('entries.date', 'monday'))
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('roles.code')->orderBy('entries.date');
    }

    /** @param  array<string, non-empty-list<Record>>  $lines */
    private function ofSheet(Person $approver, array $lines, RouteKind $default, Pricing $pricing): WaitingLinesOfSheet
    {
        $minutes = 0;
        $standingInFor = [];
        $props = [];
        foreach ($lines as $key => $entries) {
            foreach ($entries as $entry) {
                $minutes += $entry->int('minutes');
                $turn = $entry->stringOrNull('approver');
                if ($turn !== null && $entry->intOrNull('approver_id') !== $approver->id) {
                    $standingInFor[$turn] = true;
                }
            }
            $props[] = $this->line($approver, $key, $entries, $default, $pricing);
        }

        return new WaitingLinesOfSheet($props, $minutes, array_map(strval(...), array_keys($standingInFor)));
    }

    /** @param  non-empty-list<Record>  $entries */
    private function line(Person $approver, string $key, array $entries, RouteKind $default, Pricing $pricing): WaitingLineProps
    {
        $first = $entries[0];
        $seesMoney = $approver->seesCostOfProjectsOf($first->int('project_manager_id'));

        return new WaitingLineProps(
            $key,
            $first->string('task_name'),
            $first->string('project'),
            $first->string('project_name'),
            $first->stringOrNull('role_name'),
            $first->bool('is_billable'),
            $first->int('approvals'),
            RouteNames::after($first, $default, $first->int('approvals') + 1),
            array_map(static fn (Record $entry): WaitingCellProps => new WaitingCellProps(
                $entry->int('id'),
                $entry->int('version'),
                $entry->string('date'),
                $entry->int('minutes'),
                $entry->bool('needs_attention'),
                $entry->string('note'),
                $entry->string('client_note'),
                $entry->stringOrNull('recorder'),
                $seesMoney ? self::cost($entry, $pricing) : null,
            ), $entries),
        );
    }

    private static function cost(Record $entry, Pricing $pricing): ?int
    {
        $cost = $pricing->cost($entry->string('person'), $entry->stringOrNull('role'), Day::of($entry->string('date')), Minutes::of($entry->int('minutes')));

        return $cost->unrated->isZero() ? $cost->known->cents() : null;
    }
}
