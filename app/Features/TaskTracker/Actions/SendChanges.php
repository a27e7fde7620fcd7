<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\Features\TaskTracker\Remote\TaskTracker;
use App\Features\TaskTracker\Remote\TimeThere;
use App\Features\TaskTracker\Remote\TrackerFault;
use App\Features\TaskTracker\Remote\TrackerFaultKind;
use App\Models\TrackerChange;
use App\Models\TrackerLink;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Asks a task tracker for what has changed here. What was asked before comes first, under the reference that it had then: whether or
 * not its answer was lost, it is done once.
 */
final readonly class SendChanges
{
    public function __construct(private TaskTracker $tracker)
    {
    }

    /** @throws TrackerFault if it does not answer; what was not asked yet stays */
    public function handle(TrackerLink $link): void
    {
        $changes = TrackerChange::query()->with(['time.task', 'time.person'])->whereHas('time', static fn (Builder $times): Builder => $times->where('tracker_link_id', $link->id))->orderBy('id');
        foreach ($changes->lazyById(200) as $change) {
            try {
                $this->done($change, $this->ask($link, $change));
            } catch (TrackerFault $fault) {
                $this->refused($change, $fault);
            }
        }
    }

    private function ask(TrackerLink $link, TrackerChange $change): TimeThere
    {
        $time = $change->time;

        return $time->remote_id === null
            ? $this->tracker->record($link->tracker, $change->reference, $time->task->remote_key, $time->person->login, $time->date->toString(), max(1, $change->minutes_to), $change->text)
            : $this->tracker->change($link->tracker, $change->reference, $time->remote_id, $time->version, $change->minutes_to);
    }

    private function done(TrackerChange $change, TimeThere $there): void
    {
        DB::transaction(static function () use ($change, $there): void {
            $time = $change->time;
            // What changed there after ours was done shows as a difference, as anything else that changes there.
            $counted = max(0, $time->minutes_counted + $change->minutes_to - $change->minutes_from);
            $time->update(['remote_id' => $there->id, 'version' => $there->version, 'minutes_there' => $there->minutes, 'minutes_counted' => $counted, 'differs' => $there->minutes !== $counted, 'problem' => '']);
            $change->delete();
        });
    }

    /** @throws TrackerFault */
    private function refused(TrackerChange $change, TrackerFault $fault): void
    {
        if (in_array($fault->kind, [TrackerFaultKind::Unreachable, TrackerFaultKind::TokenRefused], true)) {
            throw $fault;
        }
        DB::transaction(static function () use ($change, $fault): void {
            if ($fault->kind === TrackerFaultKind::Refused) {
                $change->time->update(['problem' => Wording::of('trackers.refused_there', ['reason' => $fault->getMessage()])]);
            }
            // What has changed or gone there meanwhile comes with what has changed there.
            $change->delete();
        });
    }
}
