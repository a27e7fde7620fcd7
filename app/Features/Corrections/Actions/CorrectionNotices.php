<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Models\Correction;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\ProposalState;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Database\Record;
use Moss\Core\Calendar\Week;

/** Tells approvers what is asked of them, and owners what was decided. */
final readonly class CorrectionNotices
{
    public function __construct(private NotifyPeople $notify)
    {
    }

    /** @param  list<Correction>  $corrections */
    public function asked(Person $owner, array $corrections): void
    {
        $needsOffice = array_filter($corrections, static fn (Correction $correction): bool => $correction->approver_id === null) !== [];
        // Without an approver, the office decides: all of it is told.
        $office = $needsOffice ? array_map(static fn (Record $person): int => $person->int('id'), Record::all(Person::query()->toBase()->select('id')->where('access', 'office')->where('id', '<>', $owner->id))) : [];
        $notices = [];
        foreach ($corrections as $correction) {
            foreach ($correction->approver_id === null ? $office : [$correction->approver_id] as $approver) {
                $notices[] = new Notice($approver, MessageKind::CorrectionWaiting, 'correction '.$correction->id.' '.$correction->minutes->toInt(), [
                    'name' => $owner->name, 'day' => $correction->date, 'before' => $correction->minutes_before, 'after' => $correction->minutes, 'comment' => $correction->reason,
                ], '/review');
            }
        }
        $this->notify->of($notices);
    }

    /** @param  list<Correction>  $corrections */
    public function decided(Person $approver, array $corrections, bool $accepted, string $comment): void
    {
        $verdict = $accepted ? ProposalState::Accepted : ProposalState::Declined;
        $this->notify->of(array_map(static fn (Correction $correction): Notice => new Notice($correction->person_id, MessageKind::CorrectionDecided, 'correction '.$correction->id.' decided', [
            'name' => $approver->name, 'day' => $correction->date, 'verdict' => $verdict->value,
            'before' => $correction->minutes_before, 'after' => $correction->minutes, 'comment' => $comment,
        ], '/week/'.Week::containing($correction->date)->toString()), $corrections));
    }
}
