<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Approval\DecisionRights;
use App\Approval\Waiting;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Corrections\Queries\CorrectableEntries;
use App\Features\Corrections\Queries\CorrectableEntry;
use App\Models\Correction;
use App\Models\Person;
use App\Models\ProposalState;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryStatus;

/** Accepts or declines proposed corrections: all of them, or none; twice is the same as once. */
final readonly class DecideCorrections
{
    public function __construct(private Waiting $waiting, private AcceptCorrections $accept, private CorrectionNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return int how many were decided now
     *
     * @throws CorrectionRefused
     */
    public function handle(Person $approver, array $ids, bool $accepts, string $comment): int
    {
        if (! $accepts && trim($comment) === '') {
            throw CorrectionRefused::because('no_comment');
        }
        try {
            return DB::transaction(fn (): int => $this->decide($approver, $ids, $accepts, trim($comment)));
        } catch (ActRefused $refused) {
            throw CorrectionRefused::saying(Wording::actRefused($refused->refusal));
        }
    }

    /** @param  list<int>  $ids */
    private function decide(Person $approver, array $ids, bool $accepts, string $comment): int
    {
        $corrections = Correction::query()->whereIntegerInRaw('id', $ids)->get();
        if ($corrections->count() !== count(array_unique($ids))) {
            throw CorrectionRefused::because('gone');
        }
        $entries = [];
        foreach (Rows::of(CorrectableEntry::class, CorrectableEntries::query()->whereIntegerInRaw('entries.id', $corrections->pluck('entry_id')->filter()->all())) as $entry) {
            $entries[$entry->entry->id] = $entry;
        }
        $rights = new DecisionRights($approver, $this->waiting->stoodInFor($approver, $this->today->for($approver)));
        $decided = [];
        foreach ($corrections as $correction) {
            $wanted = $accepts ? ProposalState::Accepted : ProposalState::Declined;
            if ($correction->state === $wanted && $correction->decided_by_id === $approver->id) {
                continue;
            }
            $entry = $entries[$correction->entry_id ?? 0] ?? null;
            if ($entry === null || $correction->state !== ProposalState::Waiting) {
                throw CorrectionRefused::because('decided');
            }
            $turn = $entry->entry->inTurnOf($correction->approver_id);
            EntryStatus::of($entry->entry->state)->corrected($rights->towards($turn));
            if ($accepts && $entry->minutes()->toInt() !== $correction->minutes_before->toInt()) {
                throw CorrectionRefused::because('moved_on');
            }
            $decided[] = new AcceptedCorrection($correction, $entry, $rights->insteadOf($turn));
        }
        if ($accepts) {
            $this->accept->handle($decided, $approver, $comment);
        } else {
            $this->decline($decided, $approver, $comment);
        }
        $this->notices->decided($approver, array_map(static fn (AcceptedCorrection $one): Correction => $one->correction, $decided), $accepts, $comment);

        return count($decided);
    }

    /** @param  list<AcceptedCorrection>  $declined */
    private function decline(array $declined, Person $approver, string $comment): void
    {
        Correction::query()->whereIntegerInRaw('id', array_map(static fn (AcceptedCorrection $one): int => $one->correction->id, $declined))->update([
            'state' => ProposalState::Declined, 'decided_by_id' => $approver->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment,
        ]);
        $this->auditTrail->of(array_map(static function (AcceptedCorrection $one) use ($approver, $comment): AuditTrailLine {
            $correction = $one->correction;

            return new AuditTrailLine(
                'decline', $approver->id, $one->insteadOf, $correction->person_id, $correction->task_id, $correction->date,
                ['role' => $correction->role_id, 'minutes' => $correction->minutes->toInt()], ['role' => $correction->role_id, 'minutes' => $correction->minutes_before->toInt()], $comment, AuditTrailSubject::Correction,
            );
        }, $declined));
    }
}
