<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\NotSubmitted\Queries\MissingTimesheets;
use App\Models\Organisation;
use App\Models\Person;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;

/** Reminds those who have not submitted a week, or one of them, of what is missing; once a day. */
final readonly class Remind
{
    public function __construct(private MissingTimesheets $weeks, private NotifyPeople $notify, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  list<string>|null  $codes  null for all who have not
     * @return int how many were reminded
     */
    public function handle(Person $reader, Week $week, string $search, ?array $codes): int
    {
        $daysAfter = max(0, Organisation::query()->sole()->week_due);
        $missing = array_values(array_filter($this->weeks->missing($reader, $week, $search)[1], static fn (array $one): bool => $codes === null || in_array($one[0]->code, $codes, true)));
        $people = Person::query()->whereKey(array_map(static fn (array $one): int => $one[0]->id, $missing))->get()->keyBy('id');
        $notices = [];
        foreach ($missing as [$one, $status, $timesheet]) {
            $person = $people->get($one->id);
            if ($person !== null) {
                $notices[] = UnsubmittedTimesheet::notice($person->id, $timesheet, TimesheetSubmission::dueOn($timesheet, $daysAfter), $status, $this->today->for($person), $reader);
            }
        }
        $this->notify->many($notices);
        if ($notices !== []) {
            DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Timesheet, $week->toString(), 'remind', $reader, null, ['people' => count($notices)])]));
        }

        return count($notices);
    }
}
