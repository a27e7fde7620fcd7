<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Files;

use App\Features\ScheduleFiles\Queries\PlanAsSchedule;
use App\Models\Entry;
use App\Models\Project;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Schedule\Dependency;
use Moss\Core\Schedule\ScheduledWork;
use Moss\Core\Sheet\EntryState;

/**
 * The plan of a project with what was recorded beside it, so that scheduling programs can read both back: a row for each task, and one for
 * each person, role and day, or week, on which something is planned or recorded. Minutes stay minutes here.
 */
final readonly class ScheduleExport
{
    public const COLUMNS = ['wbs', 'task', 'name', 'phase', 'milestone', 'after', 'starts_on', 'ends_on', 'who', 'role', 'planned', 'actual', 'pending'];

    public function __construct(private PlanAsSchedule $plans)
    {
    }

    /** @return list<string> the headings, with `day` or `week` before the hours */
    public static function headings(bool $byWeek): array
    {
        $columns = self::COLUMNS;
        array_splice($columns, 10, 0, [$byWeek ? 'week' : 'day']);

        return $columns;
    }

    /** @return iterable<list<string|int|null>> in the order of `headings`; hours as minutes */
    public function rows(Project $project, bool $byWeek): iterable
    {
        $schedule = $this->plans->of($project);
        $recorded = self::recorded($project, $byWeek);
        $workByTask = $schedule->workByTask();
        foreach ($schedule->tasks as $code => $task) {
            $after = implode('; ', array_map(static fn (Dependency $one): string => $one->toString(), $task->after ?? []));
            yield [$task->wbs, (string) $code, $task->name, $task->phase, $task->isMilestone === true ? 'yes' : '', $after, $task->starts?->toString() ?? '', $task->ends?->toString() ?? '', '', '', '', $task->planned?->toInt(), null, null];
            $lines = [];
            foreach ($workByTask[$code] ?? [] as $work) {
                $lines[$work->assignee.' '.$work->role] = self::planned($work, $byWeek);
            }
            foreach ($recorded[$code] ?? [] as $line => $byTime) {
                foreach ($byTime as $time => $minutes) {
                    $lines[$line][$time] = [$lines[$line][$time][0] ?? 0, ...$minutes];
                }
            }
            ksort($lines);
            foreach ($lines as $line => $times) {
                [$who, $role] = explode(' ', (string) $line);
                ksort($times);
                // Somebody who is on it without hours.
                foreach ($times === [] ? ['' => [0, 0, 0]] : $times as $time => [$planned, $actual, $pending]) {
                    yield [$task->wbs, (string) $code, $task->name, '', '', '', '', '', $who, $role, (string) $time, $planned, $actual, $pending];
                }
            }
        }
    }

    /** @return array<string, array{int, int, int}> planned by day or week, with nothing recorded yet */
    private static function planned(ScheduledWork $work, bool $byWeek): array
    {
        $times = [];
        foreach ($work->byDay as $date => $minutes) {
            $time = $byWeek ? Week::containing(Day::of($date))->toString() : $date;
            $times[$time] = [($times[$time][0] ?? 0) + $minutes, 0, 0];
        }

        return $times;
    }

    /** @return array<array-key, array<string, array<string, array{int, int}>>> actual and pending by task, by person and role, and by day or week */
    private static function recorded(Project $project, bool $byWeek): array
    {
        $recorded = [];
        foreach (Record::all(Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->where('tasks.project_id', $project->id)->groupBy('tasks.code', 'people.code', 'roles.code', 'entries.date', 'entries.state')
            ->select('tasks.code AS task', 'people.code AS person', 'roles.code AS role', 'entries.date', 'entries.state')->addSelect(Sql::sum('entries.minutes', 'minutes'))) as $row) {
            $time = $byWeek ? Week::containing(Day::of($row->string('date')))->toString() : $row->string('date');
            $line = 'person:'.$row->string('person').' '.($row->stringOrNull('role') ?? '');
            $isActual = EntryState::from($row->string('state'))->isActual();
            [$actual, $pending] = $recorded[$row->string('task')][$line][$time] ?? [0, 0];
            $recorded[$row->string('task')][$line][$time] = [$actual + ($isActual ? $row->int('minutes') : 0), $pending + ($isActual ? 0 : $row->int('minutes'))];
        }

        return $recorded;
    }
}
