<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Corrections\Queries\CorrectableEntries;
use App\Features\Corrections\Queries\CorrectableEntry;
use App\Features\Corrections\Queries\FullDays;
use App\Models\Correction;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ProposalState;
use App\Sheet\LineKey;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/**
 * Proposes other hours in the place of approved or settled ones, for one reason: all of it, or nothing; twice is the
 * same as once. Whoever has the last comment on the route decides; where nobody has to, it is accepted at once.
 */
final readonly class ProposeCorrections
{
    public function __construct(private AcceptCorrections $accept, private CorrectionNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  non-empty-list<ProposedHours>  $proposals
     *
     * @throws CorrectionRefused
     */
    public function handle(Person $actor, Person $owner, array $proposals, string $reason): ProposalResult
    {
        if (trim($reason) === '') {
            throw CorrectionRefused::because('no_reason');
        }
        try {
            return DB::transaction(fn (): ProposalResult => $this->propose($actor, $owner, $proposals, trim($reason)));
        } catch (HoursTextRefused $refused) {
            throw CorrectionRefused::saying(Wording::hoursRefused($refused));
        } catch (ActRefused $refused) {
            throw CorrectionRefused::saying(Wording::actRefused($refused->refusal));
        }
    }

    /** @param  non-empty-list<ProposedHours>  $proposals */
    private function propose(Person $actor, Person $owner, array $proposals, string $reason): ProposalResult
    {
        $default = Organisation::query()->sole()->approval;
        $changes = $this->changes($actor, $owner, $proposals, $this->entries($owner, $proposals), $reason);
        $rows = [];
        $lines = [];
        $undecided = [];
        foreach ($changes as [$entry, $minutes]) {
            $last = $entry->entry->route($default)->last();
            $rows[] = $this->row($actor, $entry, $minutes, $reason, $last?->approver);
            $lines[] = self::line($actor, $entry, $minutes, $reason);
            if ($last === null) {
                $undecided[$entry->entry->id] = $entry;
            }
        }
        $corrections = $this->write($rows);
        $this->auditTrail->of($lines);
        $asked = [];
        $atOnce = [];
        foreach ($corrections as $correction) {
            $entry = $undecided[$correction->entry_id ?? 0] ?? null;
            if ($entry === null) {
                $asked[] = $correction;
            } else {
                $atOnce[] = new AcceptedCorrection($correction, $entry, null);
            }
        }
        $this->notices->asked($owner, $asked);
        $this->accept->handle($atOnce, null, '');

        return new ProposalResult(count($asked), count($atOnce));
    }

    /**
     * @param  non-empty-list<ProposedHours>  $proposals
     * @param  array<string, CorrectableEntry>  $entries  by cell
     * @return list<array{CorrectableEntry, Minutes}> those that change something
     */
    private function changes(Person $actor, Person $owner, array $proposals, array $entries, string $reason): array
    {
        $changes = [];
        $growth = [];
        foreach ($proposals as $proposed) {
            $entry = $entries[$proposed->cell()] ?? throw CorrectionRefused::because('no_entry', ['day' => Wording::day($proposed->day)]);
            EntryStatus::of($entry->entry->state)->correctionProposed(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true));
            $minutes = HoursText::onDay($proposed->hours);
            $isSame = $entry->proposed?->toInt() === $minutes->toInt() && $entry->reason === $reason;
            if ($entry->proposed?->toInt() === null && $entry->minutes()->toInt() === $minutes->toInt()) {
                throw CorrectionRefused::because('no_change', ['day' => Wording::day($proposed->day), 'hours' => Wording::hours($minutes, $actor)]);
            }
            if (! $isSame) {
                $changes[] = [$entry, $minutes];
            }
            $date = $proposed->day->toString();
            $growth[$date] = ($growth[$date] ?? 0) + $minutes->toInt() - $entry->minutes()->toInt();
        }
        $entryIds = array_map(static fn (array $change): int => $change[0]->entry->id, $changes);
        foreach (FullDays::waiting($owner->id, array_keys($growth), $entryIds) as $date => $minutes) {
            $growth[$date] += $minutes;
        }
        FullDays::refuse($owner->id, $growth);

        return $changes;
    }

    /** @return array<string, string|int|null> */
    private function row(Person $actor, CorrectableEntry $entry, Minutes $minutes, string $reason, ?string $approver): array
    {
        return [
            'id' => $entry->correction,
            'entry_id' => $entry->entry->id,
            'state' => ProposalState::Waiting->value,
            'person_id' => $entry->entry->personId,
            'task_id' => $entry->entry->taskId,
            'role_id' => $entry->entry->roleId,
            'date' => $entry->entry->date->toString(),
            'proposed_by_id' => $actor->id,
            'proposed_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            'minutes_before' => $entry->minutes()->toInt(),
            'minutes' => $minutes->toInt(),
            'reason' => $reason,
            'approver_id' => $approver === null ? null : (int) $approver,
        ];
    }

    /**
     * @param  list<array<string, string|int|null>>  $rows  those with an id are in the place of one that waits already
     * @return list<Correction>
     */
    private function write(array $rows): array
    {
        $isNew = static fn (array $row): bool => $row['id'] === null;
        $known = array_values(array_filter($rows, static fn (array $row): bool => ! $isNew($row)));
        Correction::query()->insert(array_values(array_filter($rows, $isNew)));
        if ($known !== []) {
            Correction::query()->upsert($known, ['id'], ['proposed_by_id', 'proposed_at', 'minutes_before', 'minutes', 'reason', 'approver_id']);
        }

        return array_values(Correction::query()->whereIn('entry_id', array_column($rows, 'entry_id'))->waiting()->orderBy('id')->get()->all());
    }

    private static function line(Person $actor, CorrectableEntry $entry, Minutes $minutes, string $reason): AuditTrailLine
    {
        return new AuditTrailLine(
            'propose', $actor->id, null, $entry->entry->personId, $entry->entry->taskId, $entry->entry->date->toString(),
            ['role' => $entry->entry->roleId, 'minutes' => $entry->minutes()->toInt()],
            ['role' => $entry->entry->roleId, 'minutes' => $minutes->toInt()], $reason, AuditTrailSubject::Correction,
        );
    }

    /**
     * @param  non-empty-list<ProposedHours>  $proposals
     * @return array<string, CorrectableEntry> by cell
     */
    private function entries(Person $owner, array $proposals): array
    {
        $days = array_map(static fn (ProposedHours $proposed): string => $proposed->day->toString(), $proposals);
        $entries = [];
        foreach (Rows::of(CorrectableEntry::class, CorrectableEntries::query()->where('entries.person_id', $owner->id)->whereIn('entries.date', $days)) as $entry) {
            $entries[LineKey::of($entry->entry->taskId, $entry->entry->roleId).' '.$entry->entry->date->toString()] = $entry;
        }

        return $entries;
    }
}
