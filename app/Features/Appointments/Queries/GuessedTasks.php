<?php

declare(strict_types=1);

namespace App\Features\Appointments\Queries;

use App\Features\Week\Queries\KnownTasks;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\ClientContact;
use App\Models\Person;
use App\Models\Stretch;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Appointments\LikelyTask;
use Moss\Core\Appointments\PastChoice;
use Moss\Core\Appointments\TaskGuess;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\KnownTask;

/** What the tasks of a person's appointments are guessed from; in a fixed number of queries. */
final readonly class GuessedTasks
{
    /** How far back it is looked where such appointments were put, in days; and at how many. */
    private const DAYS = 180;

    private const MOST = 2000;

    public function __construct(private RecordableTasks $tasks, private Today $today)
    {
    }

    /** @return array{TaskGuess, KnownTasks} */
    public function of(Person $owner): array
    {
        $known = KnownTasks::of($owner, Week::containing($this->today->for($owner)), $this->tasks);
        $contacts = self::contacts(array_values(array_unique(array_map(static fn (KnownTask $task): string => $task->project, $known->known))));

        return [new TaskGuess(
            array_map(static fn (KnownTask $task): LikelyTask => new LikelyTask($task->id, $task->project, $task->projectName, $task->task, $task->taskName, $task->chargeCode, $task->rank, $contacts[$task->project] ?? []), $known->known),
            $this->past($owner),
        ), $known];
    }

    /**
     * @param  list<string>  $projects
     * @return array<string, list<string>> email addresses of the client's people by project
     */
    private static function contacts(array $projects): array
    {
        $contacts = [];
        $query = ClientContact::query()->toBase()->join('projects', 'projects.client_id', 'client_contacts.client_id')->where('client_contacts.email', '<>', '')
            ->whereIn('projects.code', $projects)->select('projects.code', 'client_contacts.email');
        foreach (Record::all($query) as $row) {
            $contacts[$row->string('code')][] = $row->string('email');
        }

        return $contacts;
    }

    /** @return list<PastChoice> the latest first */
    private function past(Person $owner): array
    {
        $query = Stretch::query()->toBase()->join('appointments', 'appointments.id', 'stretches.appointment_id')
            ->where('stretches.person_id', $owner->id)->where('stretches.date', '>=', $this->today->for($owner)->plusDays(-self::DAYS)->toString())
            ->where(static fn (Builder $either): Builder => $either->where('stretches.is_inked', 1)->orWhere('stretches.is_chosen', 1))
            ->orderByDesc('stretches.date')->orderByDesc('stretches.id')->limit(self::MOST)
            ->select('appointments.title', 'appointments.series', 'stretches.task_id', 'stretches.role_id');

        return array_map(static fn (Record $row): PastChoice => new PastChoice($row->string('title'), $row->string('series'), $row->int('task_id'), $row->intOrNull('role_id')), Record::all($query));
    }
}
