<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use App\Approval\DecisionKind;
use App\Approval\EntryRoute;
use App\Approval\RecordDecision;
use App\Approval\RoutedEntry;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\HouseRules\Actions\ExplainFindings;
use App\Features\HouseRules\Actions\SaveFindings;
use App\Features\HouseRules\Queries\EntryToCheck;
use App\Features\HouseRules\Queries\FindingText;
use App\Features\Submission\Queries\FindingsOfDays;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Pay\StorePayKinds;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/**
 * Submits what is open on a person's days, a week or a longer timesheet, or a selection of it: everything, or nothing; twice is the
 * same as once.
 *
 * The house rules are asked first; what they found goes with the time, and what is in order may approve itself.
 */
final readonly class SubmitDays
{
    public function __construct(
        private ExplainFindings $answerFindings,
        private AnswerQuestions $answerQuestions,
        private SaveFindings $keepFindings,
        private RecordDecision $recordDecision,
        private UpdateTotals $totals,
        private AuditTrail $auditTrail,
        private Today $today,
        private StorePayKinds $payKinds,
    ) {
    }

    /** @throws SubmissionRefused if a finding stands in the way, or a question is not answered */
    public function handle(Person $actor, Person $owner, DayRange $days, Submission $submission): SubmittedTime
    {
        return DB::transaction(function () use ($actor, $owner, $days, $submission): SubmittedTime {
            $this->answerFindings->handle($actor, $owner, $submission->explanations);
            $selection = $submission->selection;
            // What waits already is looked at again beside what comes to it.
            $found = FindingsOfDays::load($owner, $days, $this->today->for($owner), $selection, static fn (EntryToCheck $entry): bool => $entry->state === EntryState::Submitted);
            $going = $found->going();
            if ($going === []) {
                return SubmittedTime::nothing();
            }
            $this->mustBeClear($found, $owner);
            $this->answerQuestions->handle($actor, $owner, Week::containing($days->last()), $submission->answers);
            $submitted = $this->submit($actor, $owner, $going, $found->needingALook());
            $this->keepFindings->of($owner, $found->weeks);

            return $submitted;
        });
    }

    private function mustBeClear(FindingsOfDays $found, Person $reader): void
    {
        $standing = $found->standingInTheWay();
        if ($standing === []) {
            return;
        }
        $first = $standing[0];

        throw SubmissionRefused::because(Wording::refusal($first->severity === Severity::Blocking ? 'submission.blocked' : 'submission.asked', [
            'what' => FindingText::what($first->rule, $first->values, $reader),
            'cure' => FindingText::cure($first->rule),
            'more' => count($standing) === 1 ? '' : Wording::refusal('submission.more', ['count' => count($standing) - 1]),
        ]));
    }

    /**
     * @param  non-empty-list<EntryToCheck>  $going
     * @param  array<int, bool>  $needsAttention  by entry
     */
    private function submit(Person $actor, Person $owner, array $going, array $needsAttention): SubmittedTime
    {
        $organisation = Organisation::query()->sole();
        $done = SubmittedTime::nothing();
        $changes = new EffortChanges;
        $moves = [];
        $lines = [];
        $approvingThemselves = [];
        $ids = array_map(static fn (EntryToCheck $entry): int => $entry->id, $going);
        foreach (Rows::of(RoutedEntry::class, EntryRoute::entries()->whereIntegerInRaw('entries.id', $ids)) as $entry) {
            $id = $entry->id;
            $route = $entry->route($organisation->approval);
            $before = $entry->state;
            $after = EntryStatus::of($before)->submitted(
                new Actor(isOwner: $actor->id === $owner->id, maySubmit: true), $route, $organisation->self_approve && ! $needsAttention[$id],
            );
            $approver = $route->stepAfter(0)?->approver;
            $waitsFor = $after->state === EntryState::Submitted ? $approver : null;
            $moves[$after->state->value.' '.$waitsFor.' '.($needsAttention[$id] ? 1 : 0)][] = $id;
            if ($after->state === EntryState::Approved && ! $route->isEmpty()) {
                $approvingThemselves[] = $entry->inTurnOf($approver === null ? null : (int) $approver)->afterAct();
            }
            $changes->moved($entry->taskId, $owner->id, $entry->roleId, $entry->date->toString(), $before, $after->state);
            $lines[] = new AuditTrailLine(
                'submit', $actor->id, null, $owner->id, $entry->taskId, $entry->date->toString(),
                ['role' => $entry->roleId, 'state' => $before->value],
                ['role' => $entry->roleId, 'state' => $after->state->value, 'minutes' => $entry->minutes->toInt()],
            );
            $done = $done->plus($entry->minutes, $after->state === EntryState::Approved);
        }
        $this->move($moves);
        $this->payKinds->handle($ids);
        $this->totals->handle($changes);
        $this->recordDecision->of(null, DecisionKind::ApproveItself, $approvingThemselves, '');
        $this->auditTrail->of($lines);

        return $done;
    }

    /** @param  array<string, list<int>>  $moves  ids by new state, approver and whether they need attention */
    private function move(array $moves): void
    {
        foreach ($moves as $to => $ids) {
            [$state, $approver, $needsAttention] = explode(' ', $to);
            Entry::query()->whereKey($ids)->increment('version', 1, [
                'state' => $state,
                'approver_id' => $approver === '' ? null : (int) $approver,
                'needs_attention' => (int) $needsAttention,
                'approvals' => 0,
                'last_decided_by_id' => null,
                'return_comment' => null,
            ]);
        }
    }
}
