<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

/** What is recalculated in the background. */
enum RecalculationKind: string
{
    /** Recorded totals by their keys. */
    case RecordedKeys = 'recorded_keys';

    /** Recorded totals of people from a day on, of which minutes stay as they are. */
    case RecordedPeople = 'recorded_people';

    /** What is summed up of these by task and project, once all of them are there. */
    case RecordedSums = 'recorded_sums';

    /** Planned totals of tasks, which depend on working time. */
    case Planned = 'planned';

    /** Plans, figures and forecasts of tasks. */
    case Tasks = 'tasks';

    /** Figures and forecasts of all projects. */
    case Projects = 'projects';

    public function isOfTasks(): bool
    {
        return in_array($this, [self::RecordedSums, self::Planned, self::Tasks], true);
    }

    /** How many units a step takes at once: keys, people, tasks or projects. */
    public function atOnce(): int
    {
        return match ($this) {
            self::RecordedKeys => 250,
            self::RecordedPeople => 6,
            self::RecordedSums => 40,
            self::Planned => 25,
            self::Tasks => 10,
            self::Projects => 50,
        };
    }
}
