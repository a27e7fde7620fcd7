<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Periods\Queries\UndecidedTime;
use App\Models\MessageKind;
use App\Models\Person;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** Tells whoever still has to submit or decide something up to a day that the period will be closed; once a day. */
final readonly class AnnounceClosing
{
    public function __construct(private NotifyPeople $notify, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @return int how many people are told */
    public function handle(Person $office, Day $until): int
    {
        $today = $this->today->for($office);
        $notices = [...self::toSubmit($until, $today), ...self::toDecide($until, $today)];
        $this->notify->many($notices);
        $people = count(array_unique(array_map(static fn (Notice $notice): int => $notice->person, $notices)));
        if ($people > 0) {
            DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Period, $until->toString(), 'announce', $office, null, ['people' => $people])]));
        }

        return $people;
    }

    /** @return list<Notice> to those with time that is not submitted; of what waits for somebody else they can do nothing */
    private static function toSubmit(Day $until, Day $today): array
    {
        $open = PeriodCheck::open($until)->where('entries.state', '<>', Sql::value(EntryState::Submitted->value))
            ->select('person_id', Sql::sum('minutes', 'minutes'), Sql::min('date', 'first'))->groupBy('person_id');

        return array_map(static fn (Record $person): Notice => new Notice(
            $person->int('person_id'), MessageKind::PeriodClosing, 'closing '.$until->toString().' '.$today->toString(), ['day' => $until, 'hours' => Minutes::of($person->int('minutes'))],
            '/week/'.Week::containing(Day::of($person->string('first')))->toString(),
        ), Record::all($open));
    }

    /** @return list<Notice> to those whose decision something waits for, and to whoever decides in their place today */
    private static function toDecide(Day $until, Day $today): array
    {
        $entries = [];
        foreach (UndecidedTime::upTo($until, $today) as $undecided) {
            foreach ([$undecided->approver, ...$undecided->standIns] as $person) {
                // What the time office decides, it knows.
                if ($person !== null) {
                    $entries[$person->id] = ($entries[$person->id] ?? 0) + $undecided->entries;
                }
            }
        }

        return array_map(static fn (int $person): Notice => new Notice(
            $person, MessageKind::DecisionsDue, 'decisions '.$until->toString().' '.$today->toString(),
            ['day' => $until] + ($entries[$person] === 0 ? [] : ['count' => $entries[$person]]), '/review',
        ), array_keys($entries));
    }
}
