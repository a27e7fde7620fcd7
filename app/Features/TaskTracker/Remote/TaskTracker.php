<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

use App\Models\Tracker;

/** A task tracker, whichever it is. Whatever is asked under a reference is done once, however often it is asked. */
interface TaskTracker
{
    /**
     * @return array<string, string> names of projects by their keys
     *
     * @throws TrackerFault
     */
    public function projects(Tracker $tracker): array;

    /**
     * What has changed in a project since a number.
     *
     * @throws TrackerFault
     */
    public function changes(Tracker $tracker, string $project, int $since): ChangesThere;

    /**
     * @param  string  $day  YYYY-MM-DD
     * @param  int<1, max>  $minutes
     *
     * @throws TrackerFault
     */
    public function record(Tracker $tracker, string $reference, string $task, string $login, string $day, int $minutes, string $text): TimeThere;

    /**
     * @param  int  $version  that was seen; a time that has changed since is left as it is
     * @param  int  $minutes  0 deletes it
     *
     * @throws TrackerFault
     */
    public function change(Tracker $tracker, string $reference, int $id, int $version, int $minutes): TimeThere;
}
