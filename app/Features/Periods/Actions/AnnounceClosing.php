<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Periods\Queries\PeriodCheck;
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
use Moss\Core\Time\Minutes;

/** Tells whoever has time up to a day that is not approved that the period will be closed; once a day. */
final readonly class AnnounceClosing
{
    public function __construct(private NotifyPeople $notify, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @return int how many people are told */
    public function handle(Person $office, Day $until): int
    {
        $today = $this->today->for($office)->toString();
        $open = Record::all(PeriodCheck::open($until)->select('person_id', Sql::sum('minutes', 'minutes'), Sql::min('date', 'first'))->groupBy('person_id'));
        $this->notify->many(array_map(static fn (Record $person): Notice => new Notice(
            $person->int('person_id'), MessageKind::PeriodClosing, 'closing '.$until->toString().' '.$today, ['day' => $until, 'hours' => Minutes::of($person->int('minutes'))],
            '/week/'.Week::containing(Day::of($person->string('first')))->toString(),
        ), $open));
        if ($open !== []) {
            DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Period, $until->toString(), 'announce', $office, null, ['people' => count($open)])]));
        }

        return count($open);
    }
}
