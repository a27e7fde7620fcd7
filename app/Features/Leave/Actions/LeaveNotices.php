<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Approval\LeaveDeciders;
use App\AuditTrail\AuditTrailLine;
use App\Effort\WorkingTime;
use App\Models\LeaveRequest;
use App\Models\MessageKind;
use App\Models\Person;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use Moss\Core\Calendar\Day;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Leave\LeaveState;
use Moss\Core\Time\Minutes;

/** Tells whoever decides of requests, and whoever asked of decisions. */
final readonly class LeaveNotices
{
    public function __construct(private NotifyPeople $notify, private Today $today)
    {
    }

    public function requested(LeaveRequest $request): void
    {
        $this->notify->takeBack('leave '.$request->id);
        $this->toDeciders($request, MessageKind::LeaveRequested, '/leave/requests');
    }

    /** @param  Person|null  $by  null where a rule decided; whoever would have decided is told then */
    public function decided(LeaveRequest $request, ?Person $by): void
    {
        $this->notify->takeBack('leave '.$request->id);
        if ($by === null) {
            $this->toDeciders($request, MessageKind::LeaveApprovedByRule, '/leave/calendar');

            return;
        }
        $this->notify->of([new Notice(
            $request->person_id, MessageKind::LeaveDecided, self::about($request),
            ['name' => $by->name, 'verdict' => $request->state === LeaveState::Approved ? 'approved' : 'declined', 'comment' => $request->comment] + self::values($request), '/leave',
        )]);
    }

    /** What nobody has decided on leaves no message; what was approved is told, also to the person where somebody else takes it back. */
    public function takenBack(LeaveRequest $request, Person $by, bool $wasApproved): void
    {
        $this->notify->takeBack('leave '.$request->id);
        if ($wasApproved) {
            $told = array_diff([$request->person_id, ...LeaveDeciders::of($request->person, $this->today->for($request->person))], [$by->id]);
            $this->notify->of(array_map(static fn (int $person): Notice => new Notice($person, MessageKind::LeaveTakenBack, self::about($request), ['name' => $by->name] + self::values($request), $person === $request->person_id ? '/leave' : '/leave/calendar'), array_values($told)));
        }
    }

    /** @return array<string, string|int|null> as the audit trail has it */
    public static function told(LeaveRequest $request): array
    {
        return AuditTrailLine::told([
            'kind' => $request->kind->name, 'from' => $request->starts_on, 'to' => $request->ends_on, 'from_midday' => $request->from_midday ? 'yes' : 'no',
            'until_midday' => $request->until_midday ? 'yes' : 'no', 'note' => $request->note, 'state' => $request->state,
        ]);
    }

    /** @return array<string, Minutes|Day|string> */
    public static function values(LeaveRequest $request): array
    {
        $person = $request->person;
        $days = $request->span()->days(WorkingTime::load()->capacity($person->pattern, $person->calendar_id), $person->employment());

        return ['name' => $person->name, 'kind' => $request->kind->name, 'from' => $request->starts_on, 'to' => $request->ends_on, 'hours' => Minutes::sum(array_map(static fn (LeaveDay $day): Minutes => $day->off, $days))];
    }

    private function toDeciders(LeaveRequest $request, MessageKind $kind, string $link): void
    {
        $values = self::values($request);
        $this->notify->of(array_map(static fn (int $decider): Notice => new Notice($decider, $kind, self::about($request), $values, $link), LeaveDeciders::of($request->person, $this->today->for($request->person))));
    }

    /** Another text each time that it changes, so that each is told once. */
    private static function about(LeaveRequest $request): string
    {
        return 'leave '.$request->id.' '.$request->state->value.' '.hash('xxh32', json_encode([$request->requested_at, $request->decided_at], JSON_THROW_ON_ERROR));
    }
}
