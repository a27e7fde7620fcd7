<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Features\Review\Queries\Desk;
use App\Features\Review\Queries\DeskFilter;
use App\Features\Review\Queries\Waiting;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Words;
use Moss\Core\Time\Minutes;

/** Approves in one act all that waits for a person and is in order: exactly what they saw, or nothing. */
final readonly class ApproveInOrder
{
    public function __construct(private Waiting $waiting, private Desk $desk, private DecideEntries $decide, private Today $today)
    {
    }

    /**
     * @param  string  $seen  by which what was in order was recognised when it was looked at
     *
     * @throws DecisionRefused if it has changed since
     */
    public function handle(Person $approver, DeskFilter $filter, string $seen): Decided
    {
        $today = $this->today->for($approver);
        $sum = $this->desk->sum($approver, $today, $filter);
        if ($sum->inOrder !== $seen) {
            throw DecisionRefused::because(Words::refusal('decided.moved_on', [
                'entries' => Words::choice('refusals.decided.entries', $sum->entries - $sum->looks),
                'hours' => Words::hours(Minutes::of($sum->minutes - $sum->lookMinutes), $approver),
            ]));
        }
        $versions = [];
        foreach (Record::all($filter->inOrder()->narrow($this->waiting->for($approver, $today))->select('entries.id', 'entries.version')->orderBy('entries.id')) as $entry) {
            $versions[$entry->int('id')] = $entry->int('version');
        }
        $decided = $this->decide->handle($approver, DecisionKind::Approve, array_slice($versions, 0, DecideEntries::MOST_AT_ONCE, true), '');
        foreach (array_slice(array_chunk($versions, DecideEntries::MOST_AT_ONCE, true), 1) as $more) {
            $decided = $decided->with($this->decide->handle($approver, DecisionKind::Approve, $more, ''));
        }

        return $decided;
    }
}
