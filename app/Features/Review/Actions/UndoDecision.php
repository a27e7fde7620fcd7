<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\EntryRoute;
use App\Features\Review\Queries\DecidedRow;
use App\Models\Decision;
use App\Models\Person;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/**
 * Undoes one's own decision as long as nobody has acted on any of it: all of it, or nothing; twice is the same as once.
 */
final readonly class UndoDecision
{
    public function __construct(private WaitAgain $waitAgain, private NotifyPeople $notify, private Today $today)
    {
    }

    /**
     * @return Minutes how much waits again
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, int $decision): Minutes
    {
        try {
            return DB::transaction(fn (): Minutes => $this->undo($approver, $decision));
        } catch (ActRefused $refused) {
            throw DecisionRefused::because(Wording::actRefused($refused->refusal));
        }
    }

    private function undo(Person $approver, int $id): Minutes
    {
        $made = Record::all(Decision::query()->toBase()->where('id', $id)->where('actor_id', $approver->id))[0] ?? null;
        if ($made === null) {
            throw DecisionRefused::because(Wording::refusal('decided.no_decision'));
        }
        if ($made->stringOrNull('undone_at') !== null) {
            return Minutes::zero();
        }
        $entries = Rows::of(DecidedRow::class, EntryRoute::entries()->join('decided_entries', 'decided_entries.entry_id', 'entries.id')->where('decided_entries.decision_id', $id)
            ->addSelect('decided_entries.version AS decided_version', 'approvals_before', 'approver_before_id', 'decided_before_id'));
        // An entry that is gone was cleared by its owner.
        $isWhole = count($entries) === $made->int('entries');
        foreach ($entries as $one) {
            EntryStatus::of($one->entry->state)->undone(
                new Actor(hasDecided: true), max(0, $one->approvalsBefore), $isWhole && $one->entry->version === $one->decidedVersion,
            );
        }
        if (! $isWhole) {
            throw DecisionRefused::because(Wording::refusal('act.acted_on'));
        }
        $this->waitAgain->handle($approver, 'undo', $entries);
        $this->notify->takeBack(DecisionNotices::about($id));
        Decision::query()->where('id', $id)->update(['undone_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);

        return Minutes::of($made->int('minutes'));
    }
}
