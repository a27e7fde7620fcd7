<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\AuditTrail\BesideEntries;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Assignment;
use App\Models\AuditTrailRow;
use App\Models\Entry;
use App\Models\Person;
use App\Models\TrackerChange;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Models\TrackerTime;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use Moss\Core\Tracking\SharedDay;
use Moss\Core\Tracking\SharedTime;

/**
 * Brings entries and the time of a task tracker together, one day of one person on one task after the other: what changed there is
 * written here, what changed here is put down to be asked for there. Which days, the audit trail says and what differs.
 */
final readonly class SettleDays
{
    public function __construct(private SaveCells $save)
    {
    }

    public function handle(TrackerLink $link): void
    {
        $last = AuditTrailRow::query()->max('id');
        $tasks = $link->tasks()->whereNotNull('task_id')->get()->keyBy('task_id');
        $people = TrackerPerson::query()->where('tracker_id', $link->tracker_id)->whereNotNull('person_id')->with('person')->get()->keyBy('person_id');
        foreach ($this->days($link, $tasks, $people) as [$task, $person, $date]) {
            DB::transaction(function () use ($link, $task, $person, $date): void {
                $this->settle($link, $task, $person, $date);
            });
        }
        $link->update(['line' => is_numeric($last) ? (int) $last : 0]);
    }

    /**
     * @param  Collection<array-key, TrackerTask>  $tasks  by task
     * @param  Collection<array-key, TrackerPerson>  $people  by person
     * @return list<array{TrackerTask, TrackerPerson, string}>
     */
    private function days(TrackerLink $link, Collection $tasks, Collection $people): array
    {
        $days = [];
        $byId = [$tasks->keyBy('id'), $people->keyBy('id')];
        foreach (TrackerTime::query()->where('tracker_link_id', $link->id)->where(static fn (Builder $open): Builder => $open->where('differs', true)->orWhere('problem', '<>', ''))->distinct()->get(['tracker_task_id', 'tracker_person_id', 'date']) as $time) {
            [$task, $person] = [$byId[0]->get($time->tracker_task_id), $byId[1]->get($time->tracker_person_id)];
            if ($task !== null && $person !== null) {
                $days["$task->id $person->id ".$time->date->toString()] = [$task, $person, $time->date->toString()];
            }
        }
        foreach ($this->changedHere($link, $tasks) as $row) {
            [$task, $person] = [$tasks->get($row->task_id), $people->get($row->person_id)];
            if ($task !== null && $person !== null && $row->date !== null && ! $row->date->isBefore($link->starts_on)) {
                $days["$task->id $person->id ".$row->date->toString()] = [$task, $person, $row->date->toString()];
            }
        }

        return array_values($days);
    }

    /**
     * Days on which something changed here, after an import all of them.
     *
     * @param  Collection<array-key, TrackerTask>  $tasks
     * @return Collection<int, AuditTrailRow>|Collection<int, Entry>
     */
    private function changedHere(TrackerLink $link, Collection $tasks): Collection
    {
        $isImported = $link->succeeded_at === null || BesideEntries::lines()->where('subject', 'exchange')->where('id', '>', $link->line)->exists();

        return $isImported
            ? Entry::query()->whereIntegerInRaw('task_id', $tasks->keys())->where('date', '>=', $link->starts_on->toString())->distinct()->get(['task_id', 'person_id', 'date'])
            : AuditTrailRow::query()->whereIntegerInRaw('task_id', $tasks->keys())->where('id', '>', $link->line)->whereIn('subject', ['entry', 'correction'])->distinct()->get(['task_id', 'person_id', 'date']);
    }

    private function settle(TrackerLink $link, TrackerTask $task, TrackerPerson $person, string $date): void
    {
        $owner = $person->person;
        $times = TrackerTime::query()->where('tracker_task_id', $task->id)->where('tracker_person_id', $person->id)->where('date', $date)->orderBy('id')->get()->keyBy('id');
        if ($owner === null || TrackerChange::query()->whereIntegerInRaw('tracker_time_id', $times->modelKeys())->exists()) {
            return;
        }
        $entries = Entry::query()->where('person_id', $owner->id)->where('task_id', $task->task_id)->where('date', $date)->orderBy('id')->get();
        foreach ($times as $time) {
            // Where something is entered already, what comes belongs to it; else it waits in pencil, for whoever wants that.
            $time->is_accepted ??= ! $owner->pencils_tracked_time || $entries->isNotEmpty();
        }
        $day = (new SharedDay(max(0, (int) $entries->sum(static fn (Entry $entry): int => $entry->minutes->toInt())), array_values($times->map(self::shared(...))->all())))->accepting($owner->pencils_tracked_time);
        $problem = $day->growth() === 0 ? $this->retell($owner, $task, Day::of($date), $entries, $times) : $this->grow($owner, $task, Day::of($date), $entries, $day->growth(), $times);
        $day = $problem === '' ? $day->grown() : $day;
        foreach ($day->times as $shared) {
            $time = $times->get($shared->id);
            $time?->fill(['text_noted' => $problem === '' && $shared->isAccepted && ! $shared->isOurs ? $time->text : $time->text_noted, 'minutes_counted' => $shared->counted, 'is_accepted' => $shared->isAccepted, 'differs' => $shared->there !== $shared->counted, 'problem' => $shared->there !== $shared->counted ? $problem : ''])->save();
        }
        $this->ask($link, $task, $person, $date, $day, $times, $entries);
    }

    private static function shared(TrackerTime $time): SharedTime
    {
        return new SharedTime($time->id, $time->minutes_there, $time->minutes_counted, $time->is_accepted === true, $time->is_ours);
    }

    /**
     * @param  Collection<int, Entry>  $entries
     * @param  Collection<int, TrackerTime>  $times
     * @return string why it cannot be; empty where it is done
     */
    private function grow(Person $owner, TrackerTask $task, Day $day, Collection $entries, int $growth, Collection $times): string
    {
        $open = $entries->filter(static fn (Entry $entry): bool => $entry->corrects === null && in_array($entry->state, [EntryState::Draft, EntryState::Returned], true));
        if ($open->isEmpty() && $entries->isNotEmpty()) {
            return Wording::of('trackers.decided');
        }
        $inputs = [];
        foreach ($open->isEmpty() ? [null] : $open->values()->all() as $entry) {
            $has = $entry?->minutes->toInt() ?? 0;
            $by = max(-$has, $growth);
            if ($by !== 0) {
                $inputs[] = new CellInput($task->task_id ?? 0, $entry === null ? self::role($owner, $task) : $entry->role_id, $day, null, $entry?->version, $has + $by === 0 ? null : self::note($entry, $times), minutes: Minutes::of(min($has + $by, Minutes::PER_DAY)));
                $growth -= $by;
            }
        }
        if ($growth !== 0) {
            return Wording::of('trackers.decided');
        }

        return $this->save($owner, $inputs);
    }

    /**
     * Where only a text has changed there, it changes in the note of what is still open; notes of approved time stay as they are.
     *
     * @param  Collection<int, Entry>  $entries
     * @param  Collection<int, TrackerTime>  $times
     * @return string why it cannot be; empty where it is done
     */
    private function retell(Person $owner, TrackerTask $task, Day $day, Collection $entries, Collection $times): string
    {
        $entry = $entries->first(static fn (Entry $one): bool => $one->corrects === null && in_array($one->state, [EntryState::Draft, EntryState::Returned], true));
        $note = $entry === null ? null : self::note($entry, $times);

        return $entry === null || $note === null || $note === $entry->note ? '' : $this->save($owner, [new CellInput($task->task_id ?? 0, $entry->role_id, $day, null, $entry->version, $note)]);
    }

    /**
     * @param  list<CellInput>  $inputs
     * @return string why they cannot be saved; empty where they are
     */
    private function save(Person $owner, array $inputs): string
    {
        try {
            DB::transaction(function () use ($owner, $inputs): void {
                foreach ($this->save->handle($owner, $owner, $inputs, Wording::of('trackers.why')) as $result) {
                    if ($result->outcome !== CellOutcome::Saved) {
                        throw new DayRefused((string) $result->message);
                    }
                }
            });
        } catch (DayRefused $refused) {
            return $refused->getMessage();
        }

        return '';
    }

    /**
     * What the times say, after what the entry says, none twice.
     *
     * @param  Collection<int, TrackerTime>  $times
     */
    private static function note(?Entry $entry, Collection $times): ?string
    {
        $before = $entry->note ?? '';
        $note = $before;
        $new = [];
        foreach ($times as $time) {
            if ($time->is_ours || $time->is_accepted !== true || $time->minutes_there === 0 || str_contains($note, $time->text) && $time->text !== '') {
                continue;
            }
            if ($time->text_noted !== '' && $time->text !== $time->text_noted) {
                // Whoever has written something else over it meant that.
                $note = trim(Str::replaceFirst($time->text_noted, $time->text, $note));
            } elseif ($time->text !== '') {
                $new[$time->text] = $time->text;
            }
        }
        $note = mb_substr(implode("\n", array_filter([$note, ...array_values($new)])), 0, ClientNote::MAX_LENGTH);

        return $note === $before ? null : $note;
    }

    private static function role(Person $owner, TrackerTask $task): ?int
    {
        $assignment = Assignment::query()->where('task_id', $task->task_id)->where('person_id', $owner->id)->orderBy('starts_on')->first();

        return $assignment === null ? $owner->role_id : $assignment->role_id;
    }

    /**
     * @param  Collection<int, TrackerTime>  $times
     * @param  Collection<int, Entry>  $entries
     */
    private function ask(TrackerLink $link, TrackerTask $task, TrackerPerson $person, string $date, SharedDay $day, Collection $times, Collection $entries): void
    {
        foreach ($day->changesThere() as $id => $minutes) {
            $time = $times->get($id) ?? TrackerTime::query()->create([
                'tracker_link_id' => $link->id, 'tracker_task_id' => $task->id, 'tracker_person_id' => $person->id, 'date' => $date, 'text' => mb_substr((string) $entries->map(static fn (Entry $entry): string => $entry->note)->first(static fn (string $note): bool => $note !== ''), 0, 500),
                'minutes_there' => 0, 'minutes_counted' => 0, 'differs' => false, 'is_accepted' => true, 'is_ours' => true, 'problem' => '', 'version' => 0,
            ]);
            TrackerChange::query()->create(['tracker_time_id' => $time->id, 'reference' => (string) Str::uuid(), 'minutes_from' => $time->minutes_there, 'minutes_to' => $minutes, 'text' => $time->text]);
        }
    }
}
