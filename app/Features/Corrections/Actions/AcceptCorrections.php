<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Corrections\Queries\FullDays;
use App\Models\Correction as ProposedCorrection;
use App\Models\Entry;
use App\Models\Person;
use App\Models\ProposalState;
use App\Pay\StorePayKinds;
use App\Sheet\StretchesOfCells;
use App\Support\Clock\Today;
use Moss\Core\Sheet\Correction;
use Moss\Core\Sheet\EntryState;

/**
 * Puts corrections into effect, within the transaction of the act and in a fixed number of queries: approved time takes
 * the new hours; settled time stays, and the difference is posted on the first open day.
 */
final readonly class AcceptCorrections
{
    public function __construct(private PostDifferences $post, private UpdateTotals $totals, private AuditTrail $auditTrail, private Today $today, private StorePayKinds $payKinds)
    {
    }

    /**
     * @param  list<AcceptedCorrection>  $accepted
     * @param  Person|null  $approver  null where nobody has to decide
     */
    public function handle(array $accepted, ?Person $approver, string $comment): void
    {
        if ($accepted === []) {
            return;
        }
        self::mustFitTheirDays($accepted);
        $stored = [];
        $differences = [];
        foreach ($accepted as $one) {
            $state = $one->entry->entry->state;
            $effect = Correction::of($state, $one->entry->minutes(), $one->correction->minutes);
            if ($state === EntryState::Approved) {
                $stored[$one->entry->entry->id] = $effect->stored->toInt();
            } else {
                $differences[] = new PostedDifference($one->entry, $effect->posted, $one->correction->reason);
            }
        }
        $this->replace($stored);
        $postedOn = $this->post->handle($differences);
        $this->payKinds->handle([...array_keys($stored), ...self::posted($differences)]);
        $this->totals->handle(self::changes($accepted, $postedOn));
        $ids = array_map(static fn (AcceptedCorrection $one): int => $one->correction->id, $accepted);
        ProposedCorrection::query()->whereIntegerInRaw('id', $ids)->update([
            'state' => ProposalState::Accepted, 'decided_by_id' => $approver?->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment,
        ]);
        $this->auditTrail->of(array_map(static fn (AcceptedCorrection $one): AuditTrailLine => self::line($one, $approver, $postedOn[$one->entry->entry->id] ?? null), $accepted));
    }

    /**
     * @param  list<PostedDifference>  $differences
     * @return list<int> entries that differences to the same days stand in
     */
    private static function posted(array $differences): array
    {
        return $differences === [] ? [] : array_values(array_filter(Entry::query()
            ->whereIn('person_id', array_map(static fn (PostedDifference $one): int => $one->entry->entry->personId, $differences))
            ->whereIn('corrects', array_map(static fn (PostedDifference $one): string => $one->entry->entry->date->toString(), $differences))->pluck('id')->all(), is_int(...)));
    }

    /**
     * @param  list<AcceptedCorrection>  $accepted
     * @param  array<int, string>  $postedOn  days of differences by settled entry
     */
    private static function changes(array $accepted, array $postedOn): EffortChanges
    {
        $changes = new EffortChanges;
        foreach ($accepted as $one) {
            $entry = $one->entry;
            foreach (array_filter([$entry->entry->date->toString(), $postedOn[$entry->entry->id] ?? null]) as $date) {
                $changes->recorded($entry->entry->taskId, $entry->entry->personId, $entry->entry->roleId, $date);
            }
        }

        return $changes;
    }

    /**
     * What fitted when it was proposed need not fit any more.
     *
     * @param  non-empty-list<AcceptedCorrection>  $accepted
     *
     * @throws CorrectionRefused
     */
    private static function mustFitTheirDays(array $accepted): void
    {
        $growth = [];
        foreach ($accepted as $one) {
            [$person, $date] = [$one->correction->person_id, $one->correction->date->toString()];
            $growth[$person][$date] = ($growth[$person][$date] ?? 0) + $one->correction->minutes->toInt() - $one->entry->minutes()->toInt();
        }
        foreach ($growth as $person => $ofDays) {
            FullDays::refuse($person, $ofDays);
        }
    }

    /**
     * Approved time takes the new hours; corrected to nothing, it goes.
     *
     * @param  array<int, int>  $minutes  by entry
     */
    private function replace(array $minutes): void
    {
        $gone = array_keys($minutes, 0, true);
        $changed = [];
        foreach (Entry::query()->whereIntegerInRaw('id', array_diff(array_keys($minutes), $gone))->get() as $entry) {
            $changed[] = $entry->fill(['minutes' => $minutes[$entry->id], 'version' => $entry->version + 1])->getAttributes();
        }
        StretchesOfCells::drop(array_values(Entry::query()->whereIntegerInRaw('id', $gone)->get()->all()));
        Entry::query()->whereIntegerInRaw('id', $gone)->delete();
        if ($changed !== []) {
            Entry::query()->upsert($changed, ['id'], ['minutes', 'version']);
        }
    }

    /** @param  string|null  $postedOn  the day on which the difference to settled time was posted */
    private static function line(AcceptedCorrection $one, ?Person $approver, ?string $postedOn): AuditTrailLine
    {
        [$entry, $correction] = [$one->entry, $one->correction];

        return new AuditTrailLine(
            'correct', $approver?->id, $one->insteadOf, $entry->entry->personId, $entry->entry->taskId, $entry->entry->date->toString(),
            ['role' => $entry->entry->roleId, 'minutes' => $entry->minutes()->toInt(), 'state' => $entry->entry->state->value],
            ['role' => $entry->entry->roleId, 'minutes' => $correction->minutes->toInt(), 'state' => $entry->entry->state->value] + ($postedOn === null ? [] : ['posted_on' => $postedOn]),
            $correction->reason,
        );
    }
}
