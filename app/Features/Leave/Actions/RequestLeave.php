<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\WorkingTime;
use App\Features\Leave\Queries\DaysTaken;
use App\Features\Leave\Queries\LeaveBalances;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Leave\LeaveState;

/**
 * Asks for leave, or for other days in the place of those that were asked for. Where the kind needs no decision and enough of the
 * allowance is left, a rule approves it at once; so does whoever enters it for somebody on whose leave they decide.
 */
final readonly class RequestLeave
{
    public function __construct(private ApproveLeave $approve, private LeaveNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  LeaveRequest|null  $changed  what was asked for before; one that is approved holds until the other is approved too
     *
     * @throws LeaveNotPossible
     */
    public function handle(Person $by, Person $owner, LeaveInput $input, ?LeaveRequest $changed = null): LeaveRequest
    {
        return DB::transaction(function () use ($by, $owner, $input, $changed): LeaveRequest {
            if ($changed !== null && ! $changed->state->isOpen()) {
                throw LeaveNotPossible::decided($changed);
            }
            $days = self::days($owner, $input, $changed === null ? [] : $changed->givingWay());
            $values = [
                'absence_kind_id' => $input->kind->id, 'starts_on' => $input->span->days->first(), 'ends_on' => $input->span->days->last(),
                'from_midday' => $input->span->fromMidday, 'until_midday' => $input->span->untilMidday, 'note' => $input->note,
                'requested_by_id' => $by->id, 'requested_at' => $this->now(),
            ];
            $before = $changed === null ? null : LeaveNotices::told($changed);
            if ($changed?->state === LeaveState::Requested) {
                $changed->update($values);
                $request = $changed->unsetRelations();
            } else {
                // A second change of what is approved takes the place of the first.
                LeaveRequest::query()->where('replaces_id', $changed->id ?? 0)->where('state', LeaveState::Requested)->update(['state' => LeaveState::TakenBack]);
                $request = LeaveRequest::query()->create($values + ['person_id' => $owner->id, 'state' => LeaveState::Requested, 'calendar_uid' => $input->calendarUid, 'replaces_id' => $changed?->id]);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Leave, $input->kind->name, $changed === null ? 'add' : 'change', $by, $before, LeaveNotices::told($request), $owner->id)]);
            $this->decideAtOnce($by, $owner, $request, $days);

            return $request;
        });
    }

    /** @param  non-empty-list<LeaveDay>  $days */
    private function decideAtOnce(Person $by, Person $owner, LeaveRequest $request, array $days): void
    {
        $isDecider = $by->id !== $owner->id && $by->can('decide', $request);
        if ($isDecider || (! $request->kind->needs_approval && self::isLeft($owner, $request, $days))) {
            $this->approve->handle($isDecider ? $by : null, $request, '');
        } else {
            $this->notices->requested($request);
        }
    }

    /**
     * @param  list<LeaveRequest>  $going
     * @return non-empty-list<LeaveDay>
     *
     * @throws LeaveNotPossible
     */
    private static function days(Person $owner, LeaveInput $input, array $going): array
    {
        $working = WorkingTime::load();
        $closed = $working->organisation()->closed_until;
        if ($input->kind->is_retired) {
            throw LeaveNotPossible::retired($input->kind->name);
        }
        if ($closed !== null && ! $input->span->days->first()->isAfter($closed)) {
            throw LeaveNotPossible::closed($closed);
        }
        $capacity = $working->capacity($owner->pattern, $owner->calendar_id);
        $days = $input->span->days($capacity, $owner->employment());
        if ($days === []) {
            throw LeaveNotPossible::noWork();
        }
        $inTheWay = DaysTaken::of($owner, $input->span->days, $capacity, $going)->firstInTheWay($days, $input->kind->name, $capacity);
        if ($inTheWay !== null) {
            throw LeaveNotPossible::away(...$inTheWay);
        }

        return $days;
    }

    /**
     * Whether enough is left of every year's allowance.
     *
     * @param  non-empty-list<LeaveDay>  $days
     */
    private static function isLeft(Person $owner, LeaveRequest $request, array $days): bool
    {
        $years = array_values(array_unique(array_map(static fn (LeaveDay $day): int => $day->day->year(), $days)));
        $balances = LeaveBalances::load([$owner], max($years));
        foreach ($years as $year) {
            // What is asked for is among the requested already.
            if (($balances->of($owner, $request->absence_kind_id, $year)?->leftAfterRequests() ?? 0) < 0) {
                return false;
            }
        }

        return true;
    }

    private function now(): string
    {
        return $this->today->now()->format('Y-m-d\TH:i:s\Z');
    }
}
