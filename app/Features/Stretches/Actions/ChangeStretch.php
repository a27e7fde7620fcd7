<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Features\Week\Queries\RecordableTasks;
use App\Models\Person;
use App\Models\Stretch;
use Illuminate\Support\Facades\DB;

/** Moves time by the clock to other times, another day or another line; entries follow where it is inked. */
final readonly class ChangeStretch
{
    public function __construct(private GrowEntries $grow, private RecordableTasks $tasks)
    {
    }

    /** @throws StretchRefused */
    public function handle(Person $actor, Person $owner, SeenStretch $seen, StretchInput $input): void
    {
        DB::transaction(function () use ($actor, $owner, $seen, $input): void {
            $stretch = $seen->of($owner);
            if ($stretch->date->toString() !== $input->day->toString()) {
                FitStretches::handle($owner, [$input->day->toString()]);
            }
            $before = clone $stretch;
            $isMoved = [$stretch->task_id, $stretch->role_id] !== [$input->task, $input->role];
            $stretch->update([
                'date' => $input->day, 'starts_at' => $input->span->starts->minute(), 'ends_at' => $input->span->ends->minute(),
                'task_id' => $input->task, 'role_id' => $input->role, 'note' => $stretch->is_inked ? $stretch->note : $input->note,
                // Where its person put it says more than any guess.
                'is_chosen' => $stretch->is_chosen || $isMoved, 'why' => $isMoved ? '' : $stretch->why, 'billable' => $input->billable ?? $stretch->billable, 'version' => $stretch->version + 1,
            ]);
            if ($stretch->is_inked) {
                $this->grow->handle($actor, $owner, [EntryGrowth::without($before), EntryGrowth::by($input)]);
            } else {
                $this->mustBeRecordable($owner, $stretch);
            }
        });
    }

    private function mustBeRecordable(Person $owner, Stretch $stretch): void
    {
        $refusal = $this->tasks->refusal($owner, $this->tasks->byId($owner, [$stretch->task_id])[$stretch->task_id] ?? null, $stretch->date);
        if ($refusal !== null) {
            throw StretchRefused::saying($refusal);
        }
    }
}
