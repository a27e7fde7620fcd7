<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Queries;

use App\Features\ScheduleFiles\Props\PushProps;
use App\Features\ScheduleFiles\Props\ScheduleChangeProps;
use App\Features\ScheduleFiles\Props\ScheduleDifferenceProps;
use App\Features\ScheduleFiles\Props\ScheduleFaultProps;
use App\Features\ScheduleFiles\Props\SchedulePageProps;
use App\Features\ScheduleFiles\Props\SentScheduleProps;
use App\Models\Person;
use App\Models\Project;
use App\Models\ScheduleFile;
use App\Models\Task;
use App\Models\Team;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Schedule\Push;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduleOutcome;

/** What the page of schedule files shows. */
final readonly class SchedulePage
{
    private const MOST_FAULTS = 100;

    public function __construct(private PlanAsSchedule $plans)
    {
    }

    public function of(Project $project, Person $reader): SchedulePageProps
    {
        $mayPlan = Gate::forUser($reader)->allows('plan', $project);
        $sent = $mayPlan ? ScheduleFile::query()->with('person')->where('project_id', $project->id)->first() : null;
        $names = [];
        foreach (Task::query()->where('project_id', $project->id)->get(['code', 'name']) as $task) {
            $names[$task->code] = $task->name;
        }

        return new SchedulePageProps($project->code, $project->name, $mayPlan, $sent === null ? null : $this->sent($project, $sent, $names), self::pushes(PlanAsSchedule::pushes($project), $names));
    }

    /** @param  array<array-key, string>  $names  of tasks by code */
    private function sent(Project $project, ScheduleFile $sent, array $names): SentScheduleProps
    {
        $compared = ComparedSchedule::of($this->plans, $project, $sent);
        foreach ($compared->file->tasks as $code => $task) {
            $names[$code] = $task->name === '' ? $names[$code] ?? (string) $code : $task->name;
        }
        $open = array_values(array_filter($compared->differences, static fn (ScheduleDifference $one): bool => $one->outcome !== ScheduleOutcome::Same));
        $codes = static fn (string $kind): array => array_map(static fn (ScheduleDifference $one): string => substr((string) $one->assignee, strlen($kind) + 1), array_filter($open, static fn (ScheduleDifference $one): bool => str_starts_with((string) $one->assignee, $kind.':')));
        $who = [
            ...self::keyed('person:', Person::query()->whereIn('code', $codes('person'))->pluck('name', 'code')->all()),
            ...self::keyed('team:', Team::query()->whereIn('code', $codes('team'))->pluck('name', 'code')->all()),
        ];

        return new SentScheduleProps(
            $sent->name, $sent->person->name, $sent->received_at,
            array_map(static fn (ScheduleDifference $one): ScheduleDifferenceProps => new ScheduleDifferenceProps(
                $one->key, $one->outcome, $one->task, $one->name, $one->assignee === null ? null : $who[$one->assignee] ?? $one->assignee, $one->role,
                array_map(static fn (string $column, array $values): ScheduleChangeProps => new ScheduleChangeProps($column, $values[0], $values[1]), array_keys($one->changes), array_values($one->changes)), $one->conflict,
            ), $open),
            count($compared->differences) - count($open),
            array_map(static fn (array $fault): ScheduleFaultProps => new ScheduleFaultProps($fault[0], $fault[1]), array_slice($compared->faults, 0, self::MOST_FAULTS)),
            $compared->unknown, self::pushes($compared->pushes, $names),
        );
    }

    /**
     * @param  list<Push>  $pushes
     * @param  array<array-key, string>  $names
     * @return list<PushProps>
     */
    private static function pushes(array $pushes, array $names): array
    {
        return array_map(static fn (Push $push): PushProps => new PushProps($names[$push->task] ?? $push->task, $names[$push->because] ?? $push->because, $push->days), $pushes);
    }

    /**
     * @param  array<array-key, mixed>  $names
     * @return array<string, string>
     */
    private static function keyed(string $kind, array $names): array
    {
        $keyed = [];
        foreach ($names as $code => $name) {
            $keyed[$kind.$code] = is_string($name) ? $name : '';
        }

        return $keyed;
    }
}
