<?php

declare(strict_types=1);

namespace App\Features\Month\Queries;

use App\Features\Month\Props\MonthLineProps;
use App\Features\Month\Props\MonthProps;
use App\Features\Week\Queries\AssignmentsOf;
use App\Http\Input\WorkMonth;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\SheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** A person's month: what is entered, and what is assigned to them or their team in it. In a fixed number of queries. */
final readonly class MonthSheet
{
    public function __construct(private Today $today)
    {
    }

    public function of(Person $owner, DayRange $month): MonthProps
    {
        $held = MonthDays::load($owner, $month);
        $days = iterator_to_array($month, false);
        $entered = array_map($held->entered(...), $days);

        return new MonthProps(
            $month->first()->month(),
            self::beside($month, -1),
            self::beside($month, 1),
            $held->expected->props($month, $this->today->for($owner)),
            array_map(static fn (Day $day): string => Week::containing($day)->toString(), $days),
            self::lines($owner, $month, $held),
            $entered,
            array_sum($entered),
            $held->expected->within($month)->toInt(),
            Minutes::sum(array_map($held->free(...), $days))->toInt(),
        );
    }

    private static function beside(DayRange $month, int $months): ?string
    {
        $text = SheetPeriod::Month->shifted($month->first(), $months)->first()->month();

        return WorkMonth::read($text) === null ? null : $text;
    }

    /** @return list<MonthLineProps> */
    private static function lines(Person $owner, DayRange $month, MonthDays $held): array
    {
        $minutes = self::minutes($month, $held);
        $none = array_fill(0, $month->count(), 0);
        $lines = [];
        foreach ([[self::assigned($owner, $month), true], [self::recorded($owner, $month), false]] as [$rows, $isAssigned]) {
            foreach ($rows as $row) {
                $key = LineKey::of($row->taskId, $row->roleId);
                $canFill = ($isAssigned || $row->internal) && $row->isOpenOn($month->first());
                if (isset($lines[$key]) || (! $canFill && ! isset($minutes[$key]))) {
                    continue;
                }
                $ofLine = array_values($minutes[$key] ?? $none);
                $lines[$key] = new MonthLineProps($key, $row->taskId, $row->roleId, $row->task, $row->project, $row->role, $ofLine, array_sum($ofLine), $canFill);
            }
        }

        return array_values($lines);
    }

    /** @return array<string, array<int, int>> by line and place in the month */
    private static function minutes(DayRange $month, MonthDays $held): array
    {
        $minutes = [];
        foreach ($held->entries as $entry) {
            $line = LineKey::of($entry->task_id, $entry->role_id);
            $minutes[$line] ??= array_fill(0, $month->count(), 0);
            $minutes[$line][$month->first()->daysUntil($entry->date)] += $entry->minutes->toInt();
        }

        return $minutes;
    }

    /** @return list<MonthLine> what is assigned to the person or their team on days of the month */
    private static function assigned(Person $owner, DayRange $month): array
    {
        return Rows::of(MonthLine::class, self::named(Assignment::query()->toBase(), 'assignments')->where(AssignmentsOf::person($owner))
            ->where('assignments.starts_on', '<=', $month->last()->toString())->where('assignments.ends_on', '>=', $month->first()->toString()));
    }

    /** @return list<MonthLine> what the person has recorded on in the month or the one before, where internal tasks are found again */
    private static function recorded(Person $owner, DayRange $month): array
    {
        $before = SheetPeriod::Month->shifted($month->first(), -1);

        return Rows::of(MonthLine::class, self::named(Entry::query()->toBase(), 'entries')->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$before->first()->toString(), $month->last()->toString()]));
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
