<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\DecisionKind;
use App\Approval\Waiting;
use App\Features\Review\Queries\DeskFilter;
use App\Features\Review\Queries\DeskGroups;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\WriteLimits;
use App\Support\Language\Wording;
use Moss\Core\Time\Minutes;

/**
 * Approves all that waits for a person and is in order, if it is still what they saw; very much of it in several decisions, so
 * that others can save in between.
 */
final readonly class ApproveInOrder
{
    public function __construct(private Waiting $waiting, private DeskGroups $groups, private DecideEntries $decide, private Today $today)
    {
    }

    /**
     * @param  string  $seen  by which what was in order was recognised when it was looked at
     * @return DecisionResult not whole where some of it changed while it was being approved
     *
     * @throws DecisionRefused if it has changed since, or nothing is in order
     */
    public function handle(Person $approver, DeskFilter $filter, string $seen): DecisionResult
    {
        $today = $this->today->for($approver);
        $sum = $this->groups->sum($approver, $today, $filter);
        if ($sum->inOrder !== $seen) {
            throw DecisionRefused::because(Wording::refusal('decided.moved_on', [
                'entries' => Wording::choice('refusals.decided.entries', $sum->entries - $sum->needingAttention),
                'hours' => Wording::hours(Minutes::of($sum->minutes - $sum->attentionMinutes), $approver),
            ]));
        }
        $versions = [];
        foreach (Record::all($filter->inOrder()->narrow($this->waiting->for($approver, $today))->select('entries.id', 'entries.version')->orderBy('entries.id')) as $entry) {
            $versions[$entry->int('id')] = $entry->int('version');
        }
        $decided = null;
        foreach (array_chunk($versions, WriteLimits::MOST_ROWS, true) as $some) {
            try {
                $next = $this->decide->handle($approver, DecisionKind::Approve, $some, '');
            } catch (DecisionRefused $refused) {
                // What was approved before stays approved, and can be undone; the approver is told that the rest was not.
                return $decided === null ? throw $refused : $decided->cutShort();
            }
            $decided = $decided === null ? $next : $decided->with($next);
        }

        return $decided ?? throw DecisionRefused::because(Wording::refusal('decided.none'));
    }
}
