<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Queries;

use App\Features\TaskTracker\Props\LinkedTaskProps;
use App\Features\TaskTracker\Props\ProjectTrackerProps;
use App\Features\TaskTracker\Props\TrackedDifferenceProps;
use App\Features\TaskTracker\Props\TrackerLinkProps;
use App\Features\TaskTracker\Props\TrackerOfferProps;
use App\Features\TaskTracker\Props\TrackerRowProps;
use App\Features\TaskTracker\Props\TrackersProps;
use App\Features\TaskTracker\Props\UnknownPersonProps;
use App\Features\TaskTracker\Remote\TaskTracker;
use App\Features\TaskTracker\Remote\TrackerFault;
use App\Lookup\Props\OptionProps;
use App\Models\Project;
use App\Models\Task;
use App\Models\Tracker;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Models\TrackerTime;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** What the pages of task trackers show. */
final readonly class TrackerPages
{
    private const MOST_DIFFERENCES = 200;

    public function __construct(private TaskTracker $tracker)
    {
    }

    public function all(): TrackersProps
    {
        return new TrackersProps(array_values(Tracker::query()->withCount('links')->orderBy('name')->get()->map(static fn (Tracker $one): TrackerRowProps => new TrackerRowProps($one->id, $one->name, $one->address, self::count($one)))->all()));
    }

    public function ofProject(Project $project, Day $today): ProjectTrackerProps
    {
        $link = TrackerLink::query()->with('tracker')->where('project_id', $project->id)->first();
        $free = $link === null ? [] : Task::query()->where('project_id', $project->id)->whereNotIn('id', TrackerTask::query()->select('task_id')->whereNotNull('task_id'))->orderBy('name')->get(['id', 'name'])->all();

        return new ProjectTrackerProps(
            $project->code, $project->name, $link === null ? null : $this->link($link),
            array_values(array_map(static fn (Task $task): OptionProps => new OptionProps((string) $task->id, $task->name), $free)), Week::containing($today)->monday()->toString(),
        );
    }

    /** @return list<TrackerOfferProps> every task tracker with its projects, as it answers now */
    public function offers(): array
    {
        return array_values(Tracker::query()->orderBy('name')->get()->map(function (Tracker $tracker): TrackerOfferProps {
            try {
                $projects = $this->tracker->projects($tracker);

                return new TrackerOfferProps($tracker->id, $tracker->name, array_map(static fn (string $key, string $name): OptionProps => new OptionProps($key, $name), array_map(strval(...), array_keys($projects)), array_values($projects)));
            } catch (TrackerFault) {
                return new TrackerOfferProps($tracker->id, $tracker->name, null);
            }
        })->all());
    }

    private function link(TrackerLink $link): TrackerLinkProps
    {
        $logged = TrackerTime::query()->toBase()->where('tracker_link_id', $link->id)->groupBy('tracker_task_id')->select('tracker_task_id')->addSelect(Sql::sum('minutes_there', 'minutes'))->pluck('minutes', 'tracker_task_id');
        $missing = TrackerTime::query()->toBase()->where('tracker_link_id', $link->id)->where('differs', true)->groupBy('tracker_person_id')->select('tracker_person_id')->addSelect(Sql::sum('minutes_there', 'minutes'))->pluck('minutes', 'tracker_person_id');
        $number = static fn (mixed $value): int => is_numeric($value) ? (int) $value : 0;

        return new TrackerLinkProps(
            $link->tracker->name, $link->remote_key, $link->starts_on->toString(), $link->takes_tasks, $link->succeeded_at, $link->failure === '' ? '' : Wording::of('trackers.failure.'.$link->failure),
            array_values($link->tasks()->with('task:id,code,name')->orderBy('id')->get()->map(static fn (TrackerTask $one): LinkedTaskProps => new LinkedTaskProps(
                $one->id, $one->remote_key, $one->title, $one->state, $one->comment, $one->comment_by, $one->task === null ? null : new OptionProps($one->task->code, $one->task->name), $number($logged[$one->id] ?? 0),
            ))->all()),
            array_values(TrackerPerson::query()->where('tracker_id', $link->tracker_id)->whereNull('person_id')->orderBy('name')->get()->map(static fn (TrackerPerson $one): UnknownPersonProps => new UnknownPersonProps($one->id, $one->login, $one->name, $one->email, $number($missing[$one->id] ?? 0)))->all()),
            self::differences($link),
        );
    }

    /** @return list<TrackedDifferenceProps> of whom and what is matched */
    private static function differences(TrackerLink $link): array
    {
        $times = TrackerTime::query()->where('tracker_link_id', $link->id)->where(static fn (Builder $open): Builder => $open->where('differs', true)->orWhere('problem', '<>', ''))
            ->whereHas('person', static fn (Builder $known): Builder => $known->whereNotNull('person_id'))->whereHas('task', static fn (Builder $known): Builder => $known->whereNotNull('task_id'))
            ->with(['person.person:id,name', 'task'])->orderByDesc('date')->orderBy('id')->limit(self::MOST_DIFFERENCES)->get();

        return array_values($times->map(static fn (TrackerTime $time): TrackedDifferenceProps => new TrackedDifferenceProps(
            $time->id, $time->person->person->name ?? $time->person->name, $time->task->title, $time->date->toString(), $time->minutes_there, $time->minutes_counted, $time->is_accepted === false, $time->problem,
        ))->all());
    }

    private static function count(Tracker $tracker): int
    {
        $count = $tracker->getAttribute('links_count');

        return is_int($count) ? $count : 0;
    }
}
