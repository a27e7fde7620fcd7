<?php

declare(strict_types=1);

namespace App\Features\Remaining\Queries;

use App\Features\Figures\Queries\TaskEfforts;
use App\Features\Remaining\Props\LeftProps;
use App\Features\Remaining\Props\RemainingProps;
use App\Features\Remaining\Props\StatementProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\RestatementMode;
use Moss\Core\Effort\TaskEffort;

/** What is left of a task, whose word that is, and what was said before. */
final readonly class RemainingOfTask
{
    public function __construct(private TaskEfforts $efforts, private Today $today)
    {
    }

    public function of(Person $reader, Person $owner, Task $task): RemainingProps
    {
        $owner->loadMissing('team');
        $organisation = Organisation::query()->sole();
        $effort = $this->efforts->of($task->id);
        $asked = self::asked($task);
        $words = self::words($task);
        $today = $this->today->for($owner)->toString();
        $waiting = array_values(array_filter($asked, static fn (Record $one): bool => $one->string('state') === 'waiting' && $one->int('person_id') === $owner->id));

        return new RemainingProps(
            self::left($owner, $task, $effort, $waiting[0] ?? null),
            $task->done_on,
            $organisation->restatement_tolerance,
            ($task->project->restatements ?? $organisation->restatements) === RestatementMode::Asked && ! Gate::forUser($reader)->allows('plan', $task->project),
            $task->project->manager->name,
            $waiting !== [] || array_filter($words, static fn (Record $one): bool => $one->int('person_id') === $owner->id && $one->string('stated_on') === $today) !== [],
            self::history($words, $asked, $effort),
        );
    }

    private static function left(Person $owner, Task $task, ?TaskEffort $effort, ?Record $asked): ?LeftProps
    {
        $holding = $effort?->holdingOf($owner->code, $owner->team?->code);

        return $holding === null ? null : new LeftProps(
            $task->id,
            $holding->planned()->toInt(),
            $holding->entered()->toInt(),
            $task->done_on === null ? $holding->remaining()->toInt() : 0,
            $holding->latestRestatement() !== null,
            $holding->holder->isTeam,
            $task->done_on !== null || $holding->isDone(),
            $asked?->int('remaining_minutes'),
        );
    }

    /** @return list<StatementProps> what was said of a task, the latest first */
    public function historyOf(Task $task): array
    {
        return self::history(self::words($task), self::asked($task), $this->efforts->of($task->id));
    }

    /**
     * @param  list<Record>  $words
     * @param  list<Record>  $asked
     * @return list<StatementProps>
     */
    private static function history(array $words, array $asked, ?TaskEffort $effort): array
    {
        $forecasting = Forecasting::ofMinutes();
        $statements = [];
        foreach ($words as $word) {
            $forecast = $effort === null ? null : $forecasting->ofTask($effort->asOf(Day::of($word->string('stated_on'))))->forecast()->toInt();
            $statements[] = [$word->string('stated_on').' 1 '.$word->int('id'), self::statement($word, 'in force', $forecast, '', '')];
        }
        foreach ($asked as $one) {
            if ($one->string('state') !== 'accepted') {
                $statements[] = [
                    $one->string('stated_on').' 2 '.$one->int('id'),
                    self::statement($one, $one->string('state'), null, (string) $one->stringOrNull('decider'), $one->string('word')),
                ];
            }
        }
        usort($statements, static fn (array $one, array $other): int => strcmp($other[0], $one[0]));

        return array_column($statements, 1);
    }

    private static function statement(Record $word, string $state, ?int $forecast, string $decidedBy, string $how): StatementProps
    {
        $by = $word->stringOrNull('stater');

        return new StatementProps(
            $word->string('stated_on'),
            $word->string('name'),
            $by === null || $by === $word->string('name') ? '' : $by,
            $word->int('remaining_minutes'),
            $word->bool('done'),
            $word->string('reason'),
            $state,
            $forecast,
            $decidedBy,
            $how,
        );
    }

    /** @return list<Record> */
    private static function words(Task $task): array
    {
        return Record::all(DB::table('restatements')->join('people', 'people.id', 'restatements.person_id')
            ->leftJoin('people AS staters', 'staters.id', 'restatements.stated_by_id')
            ->where('restatements.task_id', $task->id)
            ->select('restatements.*', 'people.name', 'staters.name AS stater')->orderBy('restatements.id'));
    }

    /** @return list<Record> */
    private static function asked(Task $task): array
    {
        return Record::all(DB::table('asked_restatements')->join('people', 'people.id', 'asked_restatements.person_id')
            ->leftJoin('people AS staters', 'staters.id', 'asked_restatements.stated_by_id')
            ->leftJoin('people AS deciders', 'deciders.id', 'asked_restatements.decided_by_id')
            ->where('asked_restatements.task_id', $task->id)
            ->select('asked_restatements.*', 'people.name', 'staters.name AS stater', 'deciders.name AS decider')->orderBy('asked_restatements.id'));
    }
}
