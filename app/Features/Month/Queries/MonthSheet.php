<?php

declare(strict_types=1);

namespace App\Features\Month\Queries;

use App\Features\Month\Props\MonthCellProps;
use App\Features\Month\Props\MonthLineProps;
use App\Features\Month\Props\MonthProps;
use App\Features\Month\Props\MonthSumProps;
use App\Features\Week\Queries\AssignmentsOf;
use App\Http\Input\DaysText;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Sheet\TimesheetSetting;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;

/** A person's month, or the days of their timesheet: what is entered, and what is assigned to them or their team. In a fixed number of queries. */
final readonly class MonthSheet
{
    /** So many days before, what was recorded on is offered again. */
    private const BEFORE = 31;

    public function __construct(private Today $today)
    {
    }

    public function of(Person $owner, DayRange $month): MonthProps
    {
        $setting = TimesheetSetting::of($owner);
        $isTimesheet = ! $setting->isUsual() && $setting->containing($month->first())->equals($month);
        $period = $isTimesheet ? $setting->period : TimesheetPeriod::Month;
        $held = MonthDays::load($owner, $month);
        $sums = new MonthSums($setting->unit, $held->expected->hours());
        $days = iterator_to_array($month, false);
        $entered = array_map(static fn (Day $day): array => [$day, $held->entered($day)], $days);
        $expected = array_map(static fn (Day $day): array => [$day, $held->expected->hours()->on($day)->toInt()], $days);

        return new MonthProps(
            $owner->code,
            DaysText::of($month),
            self::beside($period, $month, -1),
            self::beside($period, $month, 1),
            $period,
            $setting->unit,
            $isTimesheet,
            $held->expected->props($month, $this->today->for($owner)),
            array_map(static fn (Day $day): string => Week::containing($day)->toString(), $days),
            self::lines($owner, $month, $held, $sums),
            array_map(static fn (array $one): MonthSumProps => $sums->of([$one]), $entered),
            array_map(static fn (array $one): MonthSumProps => $sums->of([$one]), $expected),
            $sums->of($entered),
            $sums->of($expected),
            $sums->of(array_map(static fn (Day $day): array => [$day, $held->free($day)->toInt()], $days)),
            $held->open()->toInt(),
            $held->submitted()->toInt(),
        );
    }

    private static function beside(TimesheetPeriod $period, DayRange $days, int $periods): ?string
    {
        $beside = DaysText::within($period->shifted($days->first(), $periods));

        return $beside === null ? null : DaysText::of($beside);
    }

    /** @return list<MonthLineProps> */
    private static function lines(Person $owner, DayRange $month, MonthDays $held, MonthSums $sums): array
    {
        $cells = self::cells($month, $held, $sums);
        $lines = [];
        foreach ([[self::assigned($owner, $month), true], [self::recorded($owner, $month), false]] as [$rows, $isAssigned]) {
            foreach ($rows as $row) {
                $key = LineKey::of($row->taskId, $row->roleId);
                $canFill = ($isAssigned || $row->internal) && $row->isOpenOn($month->first());
                if (isset($lines[$key]) || (! $canFill && ! isset($cells[$key]))) {
                    continue;
                }
                $ofLine = $cells[$key] ?? [];
                $sum = $sums->of(array_map(static fn (int $place): array => [$month->first()->plusDays($place), $ofLine[$place]->minutes], array_keys($ofLine)));
                $lines[$key] = new MonthLineProps(
                    $key, $row->taskId, $row->roleId, $row->task, $row->project, $row->role,
                    array_map(static fn (int $place): MonthCellProps => $ofLine[$place] ?? new MonthCellProps(0, null, null, null, $canFill), range(0, $month->count() - 1)), $sum->minutes, $sum->count, $canFill,
                );
            }
        }

        return array_values($lines);
    }

    /** @return array<string, array<int, MonthCellProps>> by line and place among the days */
    private static function cells(DayRange $month, MonthDays $held, MonthSums $sums): array
    {
        $cells = [];
        // What is settled, and the differences posted to it, are one cell.
        foreach ($held->entries->sortBy(static fn (Entry $entry): int => $entry->corrects === null ? 0 : 1) as $entry) {
            $line = LineKey::of($entry->task_id, $entry->role_id);
            $place = $month->first()->daysUntil($entry->date);
            $before = $cells[$line][$place] ?? null;
            $minutes = ($before->minutes ?? 0) + $entry->minutes->toInt();
            $cells[$line][$place] = new MonthCellProps(
                $minutes, $sums->count($entry->date, $minutes), $before->state ?? $entry->state, $before->version ?? ($entry->corrects === null ? $entry->version : null),
                $entry->corrects === null && $entry->state->isOpen(),
            );
        }

        return $cells;
    }

    /** @return list<MonthLine> what is assigned to the person or their team on days of the month */
    private static function assigned(Person $owner, DayRange $month): array
    {
        return Rows::of(MonthLine::class, self::named(Assignment::query()->toBase(), 'assignments')->where(AssignmentsOf::person($owner))
            ->where('assignments.starts_on', '<=', $month->last()->toString())->where('assignments.ends_on', '>=', $month->first()->toString()));
    }

    /** @return list<MonthLine> what the person has recorded on in these days or shortly before, where internal tasks are found again */
    private static function recorded(Person $owner, DayRange $month): array
    {
        $since = $month->first()->plusDays(-self::BEFORE);

        return Rows::of(MonthLine::class, self::named(Entry::query()->toBase(), 'entries')->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$since->toString(), $month->last()->toString()]));
    }

    /** Lines of a table that has tasks and roles, each once. */
    private static function named(Builder $query, string $table): Builder
    {
        return $query->join('tasks', 'tasks.id', $table.'.task_id')->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('roles', 'roles.id', $table.'.role_id')
            ->distinct()->select($table.'.task_id', $table.'.role_id', 'tasks.name AS task', 'projects.name AS project', 'roles.name AS role')
            ->addSelect('projects.internal', 'projects.state AS project_state', 'tasks.done_on')
            ->orderBy('projects.internal')->orderBy('projects.name')->orderBy('tasks.name')->orderBy('roles.name')->orderBy('tasks.id');
    }
}
