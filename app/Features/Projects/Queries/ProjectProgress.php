<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\ProgressProps;
use App\Features\Projects\Props\ProgressWeekProps;
use App\Models\PlannedWeek;
use App\Models\RecordedWeek as RecordedWeekTotal;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\ComingWork;
use Moss\Core\Effort\Progress;
use Moss\Core\Effort\RecordedWeek;
use Moss\Core\Time\Minutes;

/** How a project goes over its weeks, and who is on it when; two queries beside those of how it stands. */
final readonly class ProjectProgress
{
    public function __construct(private ProjectPeople $people)
    {
    }

    public function of(ProjectOnDay $onDay, ProjectNames $names): ProgressProps
    {
        $sums = Rows::of(PersonWeek::class, RecordedWeekTotal::query()->toBase()->join('people', 'people.id', 'recorded_weeks.person_id')
            ->whereIntegerInRaw('recorded_weeks.task_id', array_keys($onDay->efforts))
            ->select('people.code AS person', Sql::monday('recorded_weeks.starts_on', 'monday'), Sql::sum('actual_minutes', 'actual'), Sql::sum('pending_minutes', 'pending'))
            ->groupBy('people.code', 'monday')->orderBy('monday'));
        $recorded = array_map(static fn (PersonWeek $sum): RecordedWeek => new RecordedWeek(Week::containing($sum->monday), $sum->actual, $sum->pending), $sums);
        $coming = ComingWork::of($onDay->efforts, $onDay->forecasting, $onDay->capacities, $onDay->today);
        $weeks = Progress::of(self::planned($onDay), $recorded, $coming);

        return new ProgressProps(
            Week::containing($onDay->today)->monday()->toString(),
            array_map(ProgressWeekProps::of(...), $weeks),
            $this->people->of($onDay, $names, $sums),
        );
    }

    /** @return array<string, Minutes> by the first day of each week part, as it is stored */
    private static function planned(ProjectOnDay $onDay): array
    {
        $minutes = [];
        foreach (Record::all(PlannedWeek::query()->toBase()->whereIntegerInRaw('task_id', array_keys($onDay->efforts))
            ->groupBy('starts_on')->select('starts_on', Sql::sum('planned_minutes', 'minutes'))) as $week) {
            $minutes[$week->string('starts_on')] = Minutes::of($week->int('minutes'));
        }

        return $minutes;
    }
}
