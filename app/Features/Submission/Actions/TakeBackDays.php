<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Features\Corrections\Actions\EndCorrections;
use App\Models\Entry;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/** Takes back what a person has submitted of some days and nobody has decided on; decided entries stay. */
final readonly class TakeBackDays
{
    public function __construct(private EndCorrections $corrections, private AuditTrail $auditTrail)
    {
    }

    /** @return Minutes how much was taken back */
    public function handle(Person $actor, Person $owner, DayRange $days): Minutes
    {
        return DB::transaction(function () use ($actor, $owner, $days): Minutes {
            $entries = Entry::query()
                ->where('person_id', $owner->id)
                ->during($days)
                ->where('state', EntryState::Submitted)->where('approvals', 0)
                ->get();
            foreach ($entries as $entry) {
                EntryStatus::of($entry->state)->takenBack(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true));
            }
            Entry::query()->whereKey($entries->modelKeys())->increment('version', 1, [
                'state' => EntryState::Draft,
                'approver_id' => null,
                'needs_attention' => 0,
            ]);
            $this->corrections->of($actor, array_values(array_map(static fn (Entry $entry): int => $entry->id, $entries->all())));
            $this->auditTrail->of(array_values($entries->map(static fn (Entry $entry): AuditTrailLine => new AuditTrailLine(
                'take back', $actor->id, null, $owner->id, $entry->task_id, $entry->date,
                ['role' => $entry->role_id, 'state' => EntryState::Submitted->value], ['role' => $entry->role_id, 'state' => EntryState::Draft->value],
            ))->all()));

            return Minutes::sum($entries->map(static fn (Entry $entry): Minutes => $entry->minutes));
        });
    }
}
