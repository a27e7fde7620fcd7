<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Entry;
use App\Models\Person;
use App\Models\SheetChoice;
use App\Models\SheetChoiceKind;
use App\Sheet\LineKey;
use App\Sheet\StretchesOfCells;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** Takes a line out of a week, with what is open on it: all of it, or nothing. */
final readonly class RemoveLine
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /**
     * @param  Minutes  $seen  what the line held in the week when it was asked for
     *
     * @throws LineRefused if something on it is not open, or it has changed since
     */
    public function handle(Person $actor, Person $owner, Week $week, int $task, ?int $role, Minutes $seen): void
    {
        DB::transaction(function () use ($actor, $owner, $week, $task, $role, $seen): void {
            $entries = Entry::query()->where('person_id', $owner->id)->where('task_id', $task)->where('role_id', $role)
                ->inWeek($week)->get();
            if ($entries->contains(static fn (Entry $entry): bool => ! $entry->state->isOpen())) {
                throw LineRefused::because(Wording::refusal('line.not_open'));
            }
            if (! Minutes::sum($entries->map(static fn (Entry $entry): Minutes => $entry->minutes))->equals($seen)) {
                throw LineRefused::because(Wording::refusal('line.moved_on'));
            }
            Entry::query()->whereIntegerInRaw('id', $entries->modelKeys())->delete();
            $days = array_values($entries->map(static fn (Entry $entry): string => $entry->date->toString())->all());
            StretchesOfCells::load($owner->id, $days)->follow([], array_values($entries->map(static fn (Entry $entry): string => LineKey::cell($entry->task_id, $entry->role_id, $entry->date->toString()))->all()));
            $effort = new EffortChanges;
            foreach ($entries as $entry) {
                $effort->recorded($entry->task_id, $entry->person_id, $entry->role_id, $entry->date);
            }
            $this->totals->handle($effort);
            $key = ['person_id' => $owner->id, 'week' => $week->toString(), 'task_id' => $task, 'role_id' => $role, 'date' => null];
            SheetChoice::query()->where($key)->delete();
            SheetChoice::query()->insert([...$key, 'choice' => SheetChoiceKind::Removed->value]);
            $this->auditTrail->of(array_values($entries->map(static fn (Entry $entry): AuditTrailLine => new AuditTrailLine(
                'clear', $actor->id, null, $owner->id, $entry->task_id, $entry->date,
                ['role' => $entry->role_id, 'minutes' => $entry->minutes->toInt(), 'state' => $entry->state->value], null,
            ))->all()));
        });
    }
}
