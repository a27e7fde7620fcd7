<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\CourseProps;
use App\Features\Projects\Props\CourseWeekProps;
use App\Features\Review\Queries\Grouping;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\ComingWork;
use Moss\Core\Effort\Course;
use Moss\Core\Effort\RecordedWeek;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** How a project goes over its weeks, and who is on it when; two queries beside those of how it stands. */
final readonly class ProjectCourse
{
    public function __construct(private ProjectPeople $people)
    {
    }

    public function of(Standing $standing, ProjectNames $names): CourseProps
    {
        $sums = Record::all(DB::table('entries')->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')
            ->where('tasks.project_id', $standing->project->id)
            ->selectRaw('people.code AS person, '.Grouping::monday().' AS monday, entries.state, sum(entries.minutes) AS minutes')->groupByRaw('1, 2, 3')->orderByRaw('2'));
        $recorded = array_map(static function (Record $sum): RecordedWeek {
            $isActual = EntryState::from($sum->string('state'))->isActual();
            $minutes = Minutes::of($sum->int('minutes'));

            return new RecordedWeek(Week::containing(Day::of($sum->string('monday'))), $isActual ? $minutes : Minutes::zero(), $isActual ? Minutes::zero() : $minutes);
        }, $sums);
        $coming = ComingWork::of($standing->efforts, $standing->forecasting, $standing->working->ofOrganisation(), $standing->today);
        $weeks = Course::of(self::planned($standing), $recorded, $coming);

        return new CourseProps(
            Week::containing($standing->today)->monday()->toString(),
            array_map(CourseWeekProps::of(...), $weeks),
            $this->people->of($standing, $names, $sums),
        );
    }

    /** @return array<string, Minutes> by day, as it is kept */
    private static function planned(Standing $standing): array
    {
        $minutes = [];
        foreach (Record::all(DB::table('task_days')->whereIntegerInRaw('task_id', array_keys($standing->efforts))
            ->groupBy('date')->select('date')->selectRaw('sum(planned_minutes) AS minutes')) as $day) {
            $minutes[$day->string('date')] = Minutes::of($day->int('minutes'));
        }

        return $minutes;
    }
}
