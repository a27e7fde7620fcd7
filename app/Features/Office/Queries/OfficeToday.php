<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

use App\Approval\LeaveDeciders;
use App\Approval\Waiting;
use App\AuditTrail\AuditTrailSubject;
use App\AuditTrail\BesideEntries;
use App\Features\FirstStart\Queries\FirstSteps;
use App\Features\NotSubmitted\Queries\MissingTimesheets;
use App\Features\Office\Props\FailingCheckProps;
use App\Features\Office\Props\LateWeekProps;
use App\Features\Office\Props\PeriodToCloseProps;
use App\Features\Office\Props\SettingName;
use App\Features\Office\Props\SettingProps;
use App\Features\Office\Props\TodayProps;
use App\Features\Operations\Queries\FailedJobs;
use App\Features\Operations\Queries\HealthCheck;
use App\Features\Operations\Queries\SystemHealth;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Rates\Queries\RateTable;
use App\Features\Webhooks\Queries\WebhookPages;
use App\Models\AuditTrailRow;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Database\Union;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;

/** What needs the time office today, and when each setting was last changed; in a fixed number of queries. */
final readonly class OfficeToday
{
    /** Under which subject, and which names of it, the audit trail has the changes of a setting. */
    private const CHANGES = [
        'periods' => [[AuditTrailSubject::Period, null], [AuditTrailSubject::Setting, 'week due']],
        'rules' => [[AuditTrailSubject::Rule, null]],
        'questions' => [[AuditTrailSubject::Question, null]],
        'routes' => [[AuditTrailSubject::Setting, 'approval']],
        'remaining' => [[AuditTrailSubject::Setting, 'remaining estimates']],
        'rates' => [[AuditTrailSubject::Rate, null]],
    ];

    public function __construct(private Waiting $waiting, private RateTable $rates, private MissingTimesheets $missing, private SystemHealth $health, private FirstSteps $steps, private Today $today)
    {
    }

    public function of(Person $office): TodayProps
    {
        $today = $this->today->for($office);
        $estimates = ProposedEstimate::query()->waiting();
        $health = $this->health->report();
        $steps = $this->steps->list();

        return new TodayProps(
            $this->waiting->for($office, $today)->count(),
            $this->waiting->corrections($office, $today)->count(),
            $this->waiting->expenses($office, $today)->count(),
            LeaveDeciders::waiting($office, $today)->count(),
            (clone $estimates)->count(),
            $estimates->orderBy('estimated_on')->first()?->estimated_on->toString(),
            count($this->rates->missing()),
            // Where nothing is recorded yet there is nothing to close.
            $steps === [] ? self::period($today) : null,
            FailedJobs::count(),
            WebhookPages::givenUp(),
            array_map(static fn (HealthCheck $check): FailingCheckProps => new FailingCheckProps($check, $health->lastSeen[$check->value] ?? null), $health->failing()),
            $steps,
            array_map(self::setting(...), SettingName::cases()),
        );
    }

    /** Last week, of everybody: asked for by itself, since it looks at every sheet. */
    public function lateWeek(Person $office): LateWeekProps
    {
        $today = $this->today->for($office);
        $week = Week::containing($today)->plusWeeks(-1);
        [$people, $missing] = $this->missing->missing($office, $week, '');
        $due = TimesheetSubmission::dueOn($week->days(), max(0, Organisation::query()->sole()->week_due));

        return new LateWeekProps($week->toString(), $week->number(), count($missing), $people, $today->isAfter($due));
    }

    private static function period(Day $today): ?PeriodToCloseProps
    {
        $until = Day::of($today->month().'-01')->plusDays(-1);
        $closed = Organisation::query()->sole()->closed_until;

        return $closed !== null && ! $until->isAfter($closed) ? null : new PeriodToCloseProps($until->toString(), PeriodCheck::open($until)->count());
    }

    private static function setting(SettingName $name): SettingProps
    {
        // The last of each sort is found by an index; those that are either would be looked for through the whole audit trail.
        $latest = array_map(static fn (array $change): Builder => DB::query()->fromSub(BesideEntries::lines()->where('subject', $change[0]->value)
            ->when($change[1] !== null, static fn (Builder $of): Builder => $of->where('name', $change[1]))
            // People answer questions; that changes none.
            ->where('act', '<>', 'answer')->orderByDesc('id')->limit(1)->select('id'), 'latest')->select('id'), self::CHANGES[$name->value]);
        $last = Rows::of(LastChange::class, AuditTrailRow::query()->toBase()->leftJoin('people', 'people.id', 'audit_trail.actor_id')
            ->whereIn('audit_trail.id', Union::of($latest))
            ->select('audit_trail.at', 'people.name')->orderByDesc('audit_trail.id')->limit(1))[0] ?? null;

        return new SettingProps($name, $last?->at, $last?->name);
    }
}
