<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Features\Corrections\Queries\CorrectableEntries;
use App\Models\Correction as ProposedCorrection;
use App\Models\CorrectionState;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\Correction;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * Puts a correction into effect, within the transaction of the act: approved time takes the new hours; settled time
 * stays, and the difference is posted on the first open day.
 */
final readonly class AcceptCorrection
{
    public function __construct(private Trail $trail, private Today $today)
    {
    }

    /**
     * @param  Record  $entry  as CorrectableEntries has it
     * @param  Person|null  $approver  null where nobody has to decide
     * @param  int|null  $insteadOf  whom a stand-in decided for
     */
    public function handle(ProposedCorrection $proposed, Record $entry, ?Person $approver, ?int $insteadOf, string $word): void
    {
        $state = EntryState::from($entry->string('state'));
        $old = Minutes::of(CorrectableEntries::minutes($entry));
        $correction = Correction::of($state, $old, Minutes::of($proposed->minutes));
        $postedOn = $state === EntryState::Approved ? $this->replace($entry, $correction->kept) : $this->post($entry, $correction->posted, $proposed->reason);
        $proposed->update(['state' => CorrectionState::Accepted, 'decided_by_id' => $approver?->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'word' => $word]);
        $this->trail->of([new TrailLine(
            'correct', $approver?->id, $insteadOf, $entry->int('person_id'), $entry->int('task_id'), $entry->string('date'),
            ['role' => $entry->intOrNull('role_id'), 'minutes' => $old->toInt(), 'state' => $state->value],
            ['role' => $entry->intOrNull('role_id'), 'minutes' => $proposed->minutes, 'state' => $state->value] + ($postedOn === null ? [] : ['posted_on' => $postedOn]),
            $proposed->reason,
        )]);
    }

    /** Approved time takes the new hours; corrected to nothing, it goes. */
    private function replace(Record $entry, Minutes $minutes): null
    {
        $query = Entry::query()->whereKey($entry->int('id'));
        if ($minutes->isZero()) {
            $query->delete();
        } else {
            $query->update(['minutes' => $minutes->toInt(), 'version' => DB::raw('version + 1')]);
        }

        return null;
    }

    /** @return string the day on which the difference was posted */
    private function post(Record $entry, Minutes $difference, string $reason): string
    {
        $day = $this->firstOpenDay($entry);
        $key = ['person_id' => $entry->int('person_id'), 'task_id' => $entry->int('task_id'), 'role_id' => $entry->intOrNull('role_id'), 'corrects' => $entry->string('date')];
        $posted = Entry::query()->where($key)->where('state', EntryState::Approved)->first();
        // An earlier difference that is not settled yet takes the later one in.
        if ($posted !== null && $posted->minutes + $difference->toInt() === 0) {
            $posted->delete();
        } elseif ($posted !== null) {
            $posted->update(['minutes' => $posted->minutes + $difference->toInt(), 'version' => $posted->version + 1]);
        } elseif (! $difference->isZero()) {
            Entry::query()->create([...$key, 'date' => $day, 'minutes' => $difference->toInt(), 'state' => EntryState::Approved, 'note' => $reason, 'version' => 1]);
        }

        return $posted->date ?? $day;
    }

    /** The day itself where its period is open, else the first after the closed one that no other difference stands on. */
    private function firstOpenDay(Record $entry): string
    {
        $closedUntil = Organisation::query()->sole()->closed_until;
        $day = Day::of($entry->string('date'));
        $first = $closedUntil === null ? $day : Day::later($day, Day::of($closedUntil)->plusDays(1));
        $taken = DB::table('entries')->where('person_id', $entry->int('person_id'))->where('task_id', $entry->int('task_id'))
            ->whereRaw('role_id IS ?', [$entry->intOrNull('role_id')])->where('corrects', $entry->string('date'))->pluck('date')->all();
        while (in_array($first->toString(), $taken, true)) {
            $first = $first->plusDays(1);
        }

        return $first->toString();
    }
}
