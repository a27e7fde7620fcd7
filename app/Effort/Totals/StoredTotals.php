<?php

declare(strict_types=1);

namespace App\Effort\Totals;

/** Brings stored totals up to date in the order in which they rest on each other: of what was recorded, of plans, of tasks, of projects. */
final readonly class StoredTotals
{
    public function __construct(
        private RecordedTotals $recorded,
        private PlannedTotals $planned,
        private PlanSteps $steps,
        private TaskTotals $tasks,
        private ProjectTotals $projects,
        private MonthTotals $months,
    ) {
    }

    /** @param  list<array{int, int, int, string}>  $keys  task, person, role and the first day of a week part */
    public function recorded(array $keys): void
    {
        $this->recorded->refresh($keys);
    }

    /**
     * What time of people costs from a day on; their minutes stay as they were. What is summed up of it by task and project comes
     * after all people: most tasks are those of many.
     *
     * @param  list<int>  $people
     */
    public function costs(array $people, string $from): void
    {
        $this->recorded->refreshPeople($people, $from);
    }

    /** @param  non-empty-list<int>  $tasks  on which recorded time costs something else, and of which minutes are as they were */
    public function sums(array $tasks): void
    {
        $this->tasks->refreshSums($tasks);
        $projects = MonthTotals::projectsOf($tasks);
        $this->months->refreshRecordedOf($projects);
        $this->projects->refresh($projects, []);
    }

    /** @param  list<int>  $tasks  whose plans are others, not only the days over which they lie */
    public function plans(array $tasks): void
    {
        if ($tasks !== []) {
            $this->steps->refresh($tasks);
            $this->planned->refresh($tasks);
        }
    }

    /** @param  list<int>  $tasks  whose plans lie over days that hold other hours */
    public function plannedDays(array $tasks): void
    {
        $this->planned->refresh($tasks);
    }

    /** @param  list<int>  $tasks  whose recorded totals are up to date */
    public function figures(array $tasks): void
    {
        if ($tasks !== []) {
            $this->projects->refresh(...$this->tasks->refresh($tasks));
        }
    }

    /** @param  list<int>  $projects  of which tasks are gone, with all that was stored of them */
    public function withoutTasks(array $projects): void
    {
        if ($projects !== []) {
            $this->months->refreshProjects($projects);
            $this->projects($projects);
        }
    }

    /** @param  list<int>  $projects */
    public function projects(array $projects): void
    {
        $this->months->refreshPlanned($projects);
        $this->projects->refresh($projects, null);
    }
}
