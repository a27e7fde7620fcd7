<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Queries;

use App\Features\Plan\Actions\PlanNames;
use App\Features\ScheduleFiles\Files\ScheduleColumns;
use App\Features\ScheduleFiles\Files\ScheduleReading;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\ScheduleFile;
use App\Models\Task;
use App\Models\Team;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Schedule\Push;
use Moss\Core\Schedule\Pushes;
use Moss\Core\Schedule\Schedule;
use Moss\Core\Schedule\ScheduleComparison;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;

/** A schedule file beside the plan of its project. */
final readonly class ComparedSchedule
{
    /**
     * @param  list<ScheduleDifference>  $differences
     * @param  list<array{int, string}>  $faults  line and sentence
     * @param  list<string>  $unknown  headings that mean nothing
     * @param  list<Push>  $pushes  what the file, taken as a whole, pushes
     */
    private function __construct(public Schedule $file, public array $differences, public array $faults, public array $unknown, public array $pushes)
    {
    }

    public static function of(PlanAsSchedule $plans, Project $project, ScheduleFile $sent): self
    {
        $columns = ScheduleColumns::of($sent->rows[0] ?? []);
        $texts = static fn (string $name): array => array_values(array_unique(array_filter(array_map(static fn (array $row): string => $columns->text($row, $name), array_slice($sent->rows, 1)), static fn (string $text): bool => $text !== '')));
        $names = PlanNames::read($texts('who'), $texts('role'));
        $byName = [];
        foreach (Task::query()->where('project_id', $project->id)->get(['code', 'name']) as $task) {
            $byName[mb_strtolower($task->name)] = $task->code;
        }
        $people = self::codes(Person::query()->whereIntegerInRaw('id', $names->ids('person')));
        $reading = new ScheduleReading($sent->rows, $columns, $names, $byName, $people, self::codes(Team::query()->whereIntegerInRaw('id', $names->ids('team'))), self::codes(Role::query()));
        $plan = $plans->of($project);
        $planned = array_map(static fn (ScheduledWork $work): string => (string) preg_replace('/^person:/', '', $work->assignee), array_values($plan->work));
        $capacities = $plans->capacities(array_values(array_unique([...$planned, ...array_values($people)])));
        $file = $reading->schedule($capacities);
        $present = array_keys($columns->places);

        return new self($file, (new ScheduleComparison($file, $plan, $present, PlanAsSchedule::recorded($project)))->differences(), $reading->faults, $columns->unknown, Pushes::of(array_map(static fn (ScheduledTask $task): ScheduledTask => $task->over($plan->tasks[$task->code] ?? null), $file->tasks) + $plan->tasks));
    }

    /**
     * @param  Builder<Person>|Builder<Role>|Builder<Team>  $query
     * @return array<int, string> by id
     */
    private static function codes(Builder $query): array
    {
        $codes = [];
        foreach (Record::all($query->select('id', 'code')) as $row) {
            $codes[$row->int('id')] = $row->string('code');
        }

        return $codes;
    }
}
