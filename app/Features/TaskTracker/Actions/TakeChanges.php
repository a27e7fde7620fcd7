<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\Features\TaskTracker\Remote\ChangesThere;
use App\Features\TaskTracker\Remote\MemberThere;
use App\Features\TaskTracker\Remote\TaskThere;
use App\Features\TaskTracker\Remote\TimeThere;
use App\Models\Person;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Models\TrackerTime;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Time\Minutes;

/** Stores what has changed in a task tracker as it is there: people, tasks and time. What follows from it here is done afterwards. */
final readonly class TakeChanges
{
    public function handle(TrackerLink $link, ChangesThere $changes): void
    {
        DB::transaction(static function () use ($link, $changes): void {
            $people = self::people($link, $changes->people);
            $tasks = self::tasks($link, $changes->tasks);
            self::times($link, $changes->times, $people, $tasks);
            $link->update(['position' => $changes->next]);
        });
    }

    /**
     * @param  list<MemberThere>  $members
     * @return Collection<string, TrackerPerson> by login
     */
    private static function people(TrackerLink $link, array $members): Collection
    {
        $known = TrackerPerson::query()->where('tracker_id', $link->tracker_id)->get()->keyBy('login');
        $new = array_values(array_filter($members, static fn (MemberThere $member): bool => $member->login !== '' && ($known->get($member->login)?->only('name', 'email') !== ['name' => $member->name, 'email' => $member->email])));
        if ($new === []) {
            return $known;
        }
        // Nobody is two people there.
        $people = Person::query()->whereIn('email', array_filter(array_map(static fn (MemberThere $member): string => $member->email, $new)))->whereKeyNot($known->pluck('person_id')->filter()->all())->pluck('id', 'email');
        TrackerPerson::query()->upsert(array_map(static fn (MemberThere $member): array => [
            'tracker_id' => $link->tracker_id, 'login' => $member->login, 'name' => $member->name, 'email' => $member->email,
            // Whom somebody has said it is stays who it is.
            'person_id' => $known->get($member->login)->person_id ?? $people->pull($member->email),
        ], $new), ['tracker_id', 'login'], ['name', 'email', 'person_id']);

        return TrackerPerson::query()->where('tracker_id', $link->tracker_id)->get()->keyBy('login');
    }

    /**
     * @param  list<TaskThere>  $tasks
     * @return Collection<string, TrackerTask> by key
     */
    private static function tasks(TrackerLink $link, array $tasks): Collection
    {
        $here = $link->project->tasks()->get(['id', 'code', 'name'])->all();
        $known = $link->tasks()->get()->keyBy('remote_key');
        $taken = $known->pluck('task_id')->filter()->all();
        foreach ($tasks as $task) {
            $row = $known->get($task->key) ?? new TrackerTask(['tracker_link_id' => $link->id, 'remote_key' => $task->key, 'assigned' => [], 'task_id' => null]);
            $row->fill(['title' => $task->title, 'state' => $task->state, 'people' => $task->people, 'minutes' => $task->minutes, 'comment' => $task->comment, 'comment_by' => $task->commentBy, 'comment_on' => $task->commentOn]);
            foreach ($row->task_id === null ? $here : [] as $one) {
                if (! in_array($one->id, $taken, true) && (mb_strtolower($task->key) === mb_strtolower($one->code) || mb_strtolower($task->title) === mb_strtolower($one->name))) {
                    $row->task_id = $one->id;
                    $taken[] = $one->id;
                    break;
                }
            }
            $row->save();
            $known->put($task->key, $row);
        }

        return $known;
    }

    /**
     * @param  list<TimeThere>  $times
     * @param  Collection<string, TrackerPerson>  $people
     * @param  Collection<string, TrackerTask>  $tasks
     */
    private static function times(TrackerLink $link, array $times, Collection $people, Collection $tasks): void
    {
        $known = TrackerTime::query()->where('tracker_link_id', $link->id)->whereIn('remote_id', array_map(static fn (TimeThere $time): int => $time->id, $times))->get()->keyBy('remote_id');
        $rows = [];
        foreach ($times as $time) {
            [$before, $person, $task, $day] = [$known->get($time->id), $people->get($time->login), $tasks->get($time->task), self::day($time->day)];
            $minutes = min($time->minutes, Minutes::PER_DAY);
            if ($person === null || $task === null || $day === null || $time->id === 0 || ($before === null && ($minutes === 0 || $day->isBefore($link->starts_on)))) {
                continue;
            }
            $rows[] = ($before ?? new TrackerTime(['tracker_link_id' => $link->id, 'tracker_task_id' => $task->id, 'tracker_person_id' => $person->id, 'date' => $day, 'remote_id' => $time->id, 'minutes_counted' => 0, 'is_accepted' => null, 'is_ours' => false, 'problem' => '', 'text_noted' => '']))
                ->fill(['minutes_there' => $minutes, 'version' => $time->version, 'text' => $time->text, 'differs' => $minutes !== ($before->minutes_counted ?? 0) || ($before !== null && $before->is_accepted === true && ! $before->is_ours && $time->text !== $before->text_noted)])->getAttributes();
        }
        foreach (array_chunk($rows, 200) as $part) {
            $new = array_values(array_filter($part, static fn (array $row): bool => ! isset($row['id'])));
            TrackerTime::query()->insert($new);
            TrackerTime::query()->upsert(array_values(array_filter($part, static fn (array $row): bool => isset($row['id']))), ['id'], ['minutes_there', 'version', 'text', 'differs']);
        }
    }

    private static function day(string $text): ?Day
    {
        try {
            return Day::of($text);
        } catch (NotADay) {
            return null;
        }
    }
}
