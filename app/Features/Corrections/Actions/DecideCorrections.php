<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Features\Corrections\Queries\CorrectableEntries;
use App\Features\Review\Queries\Standing;
use App\Features\Review\Queries\Waiting;
use App\Models\Correction;
use App\Models\CorrectionState;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use App\Support\Words;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/** Accepts or declines proposed corrections: all of them, or none; twice is the same as once. */
final readonly class DecideCorrections
{
    public function __construct(private Waiting $waiting, private AcceptCorrections $accept, private CorrectionNotices $notices, private Trail $trail, private Today $today)
    {
    }

    /**
     * @param  list<int>  $ids
     * @return int how many were decided now
     *
     * @throws CorrectionRefused
     */
    public function handle(Person $approver, array $ids, bool $accepts, string $word): int
    {
        if (! $accepts && trim($word) === '') {
            throw CorrectionRefused::because('no_word');
        }
        try {
            return DB::transaction(fn (): int => $this->decide($approver, $ids, $accepts, trim($word)));
        } catch (ActRefused $refused) {
            throw CorrectionRefused::saying(Words::actRefused($refused->refusal));
        }
    }

    /** @param  list<int>  $ids */
    private function decide(Person $approver, array $ids, bool $accepts, string $word): int
    {
        $corrections = Correction::query()->whereIntegerInRaw('id', $ids)->get();
        if ($corrections->count() !== count(array_unique($ids))) {
            throw CorrectionRefused::because('gone');
        }
        $entries = [];
        foreach (Record::all(CorrectableEntries::query()->whereIntegerInRaw('entries.id', $corrections->pluck('entry_id')->filter()->all())) as $entry) {
            $entries[$entry->int('id')] = $entry;
        }
        $standing = new Standing($approver, $this->waiting->stoodInFor($approver, $this->today->for($approver)));
        $decided = [];
        foreach ($corrections as $correction) {
            $wanted = $accepts ? CorrectionState::Accepted : CorrectionState::Declined;
            if ($correction->state === $wanted && $correction->decided_by_id === $approver->id) {
                continue;
            }
            $entry = $entries[$correction->entry_id ?? 0] ?? null;
            if ($entry === null || $correction->state !== CorrectionState::Waiting) {
                throw CorrectionRefused::because('decided');
            }
            $turn = $entry->with(['approver_id' => $correction->approver_id]);
            EntryStatus::of(EntryState::from($entry->string('state')))->corrected($standing->towards($turn));
            if ($accepts && CorrectableEntries::minutes($entry) !== $correction->minutes_before) {
                throw CorrectionRefused::because('moved_on');
            }
            $decided[] = new Acceptance($correction, $entry, $standing->insteadOf($turn));
        }
        if ($accepts) {
            $this->accept->handle($decided, $approver, $word);
        } else {
            $this->decline($decided, $approver, $word);
        }
        $this->notices->decided($approver, array_map(static fn (Acceptance $one): Correction => $one->correction, $decided), $accepts, $word);

        return count($decided);
    }

    /** @param  list<Acceptance>  $declined */
    private function decline(array $declined, Person $approver, string $word): void
    {
        Correction::query()->whereIntegerInRaw('id', array_map(static fn (Acceptance $one): int => $one->correction->id, $declined))->update([
            'state' => CorrectionState::Declined, 'decided_by_id' => $approver->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'word' => $word,
        ]);
        $this->trail->of(array_map(static function (Acceptance $one) use ($approver, $word): TrailLine {
            $correction = $one->correction;

            return new TrailLine(
                'decline', $approver->id, $one->insteadOf, $correction->person_id, $correction->task_id, $correction->date,
                ['role' => $correction->role_id, 'minutes' => $correction->minutes], ['role' => $correction->role_id, 'minutes' => $correction->minutes_before], $word, TrailSubject::Correction,
            );
        }, $declined));
    }
}
