<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Features\Review\Queries\EntryRoute;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/** Submits all that is open in a person's week: everything, or nothing; twice is the same as once. */
final readonly class SubmitWeek
{
    public function __construct(private Trail $trail)
    {
    }

    public function handle(Person $actor, Person $owner, Week $week): SubmittedWeek
    {
        return DB::transaction(function () use ($actor, $owner, $week): SubmittedWeek {
            $organisation = Organisation::query()->sole();
            $submitted = Minutes::zero();
            $approved = Minutes::zero();
            $moves = [];
            $lines = [];
            foreach ($this->openEntries($owner, $week) as $entry) {
                $route = EntryRoute::of($entry, $organisation->approval);
                $before = EntryState::from($entry->string('state'));
                $after = EntryStatus::of($before)->submitted(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true), $route, $organisation->self_approve);
                $approver = $after->state === EntryState::Submitted ? $route->stepAfter(0)?->approver : null;
                $moves[$after->state->value.' '.$approver][] = $entry->int('id');
                $lines[] = new TrailLine(
                    'submit', $actor->id, null, $owner->id, $entry->int('task_id'), $entry->string('date'),
                    ['role' => $entry->intOrNull('role_id'), 'state' => $before->value], ['role' => $entry->intOrNull('role_id'), 'state' => $after->state->value, 'minutes' => $entry->int('minutes')],
                );
                $minutes = Minutes::of($entry->int('minutes'));
                $submitted = $submitted->plus($minutes);
                $approved = $after->state === EntryState::Approved ? $approved->plus($minutes) : $approved;
            }
            $this->move($moves);
            $this->trail->of($lines);

            return new SubmittedWeek($submitted, $approved);
        });
    }

    /** @return list<Record> */
    private function openEntries(Person $owner, Week $week): array
    {
        return Record::all(EntryRoute::entries()
            ->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->whereIn('entries.state', [EntryState::Draft->value, EntryState::Returned->value]));
    }

    /** @param  array<string, list<int>>  $moves  ids by new state and approver */
    private function move(array $moves): void
    {
        foreach ($moves as $to => $ids) {
            [$state, $approver] = explode(' ', $to);
            Entry::query()->whereKey($ids)->update([
                'state' => $state,
                'approver_id' => $approver === '' ? null : (int) $approver,
                'approvals' => 0,
                'last_decided_by_id' => null,
                'return_word' => null,
                'version' => DB::raw('version + 1'),
            ]);
        }
    }
}
