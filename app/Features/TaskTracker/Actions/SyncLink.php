<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\Features\TaskTracker\Remote\TaskTracker;
use App\Features\TaskTracker\Remote\TrackerFault;
use App\Models\TrackerLink;
use App\Support\Clock\Today;

/** Brings a project and its counterpart in a task tracker together: what was asked before, what changed there, what changed here. */
final readonly class SyncLink
{
    public function __construct(private TaskTracker $tracker, private SendChanges $send, private TakeChanges $take, private TakeTasksOver $tasks, private SettleDays $settle, private Today $today)
    {
    }

    public function handle(TrackerLink $link): void
    {
        $asked = $this->today->instant()->format('Y-m-d\TH:i:s\Z');
        try {
            $this->send->handle($link);
            $this->take->handle($link, $this->tracker->changes($link->tracker, $link->remote_key, $link->position));
            $this->tasks->handle($link);
            $this->settle->handle($link);
            $this->send->handle($link);
            $link->update(['asked_at' => $asked, 'succeeded_at' => $asked, 'failure' => '']);
        } catch (TrackerFault $fault) {
            $link->update(['asked_at' => $asked, 'failure' => $fault->kind->value]);
        }
    }
}
