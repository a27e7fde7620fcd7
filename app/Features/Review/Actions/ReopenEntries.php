<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\DecisionRights;
use App\Approval\Waiting;
use App\Features\Review\Queries\DecidedRow;
use App\Features\Review\Queries\SelfApproved;
use App\Features\Review\Queries\SelfApprovedEntry;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/** Looks after all at time that approved itself: all of it, or nothing. It waits for whoever would have decided. */
final readonly class ReopenEntries
{
    public function __construct(private Waiting $waiting, private WaitAgain $waitAgain, private Today $today)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return Minutes how much waits now
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, array $ids): Minutes
    {
        try {
            return DB::transaction(fn (): Minutes => $this->reopen($approver, $ids));
        } catch (ActRefused $refused) {
            throw DecisionRefused::because(Wording::actRefused($refused->refusal));
        }
    }

    /** @param  list<int>  $ids */
    private function reopen(Person $approver, array $ids): Minutes
    {
        $today = $this->today->for($approver);
        $entries = Rows::of(SelfApprovedEntry::class, SelfApproved::entries()->whereIntegerInRaw('entries.id', $ids));
        if (count($entries) !== count(array_unique($ids))) {
            throw DecisionRefused::because(Wording::refusal('decided.not_self_approved'));
        }
        $rights = new DecisionRights($approver, $this->waiting->stoodInFor($approver, $today));
        $minutes = Minutes::zero();
        foreach ($entries as $one) {
            $entry = $one->decided->entry;
            $turn = $entry->inTurnOf($one->decided->approverBeforeId);
            EntryStatus::of($entry->state)->reopened($rights->towards($turn), $one->at >= SelfApproved::since($today));
            $minutes = $minutes->plus($entry->minutes);
        }
        $this->waitAgain->handle($approver, 'reopen', array_map(static fn (SelfApprovedEntry $one): DecidedRow => $one->decided, $entries));

        return $minutes;
    }
}
