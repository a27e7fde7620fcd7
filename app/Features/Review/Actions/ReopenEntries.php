<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\DecisionRights;
use App\Approval\Waiting;
use App\Features\Review\Queries\SelfApproved;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
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
        $entries = Record::all(SelfApproved::entries()->whereIntegerInRaw('entries.id', $ids));
        if (count($entries) !== count(array_unique($ids))) {
            throw DecisionRefused::because(Wording::refusal('decided.not_self_approved'));
        }
        $rights = new DecisionRights($approver, $this->waiting->stoodInFor($approver, $today));
        $minutes = Minutes::zero();
        foreach ($entries as $entry) {
            $turn = $entry->with(['approver_id' => $entry->intOrNull('approver_before_id')]);
            EntryStatus::of(EntryState::from($entry->string('state')))->reopened($rights->towards($turn), $entry->string('at') >= SelfApproved::since($today));
            $minutes = $minutes->plus(Minutes::of($entry->int('minutes')));
        }
        $this->waitAgain->handle($approver, 'reopen', $entries);

        return $minutes;
    }
}
