<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\QuickReadingProps;
use App\Features\Week\Props\StretchTimesProps;
use App\Features\Week\Props\TaskOfferProps;
use App\Models\Person;
use App\Models\Role;
use App\Sheet\LineKey;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Str;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\QuickLine;
use Moss\Core\QuickLine\QuickRefused;

/** Reads a quick line against the tasks that its owner may record on. */
final readonly class QuickReading
{
    private const MOST = 8;

    public function __construct(private RecordableTasks $tasks, private Today $today)
    {
    }

    /** @param  int|null  $chosen  the task that was chosen where several fit */
    public function of(Person $owner, Week $week, string $text, ?int $chosen): QuickReadingProps
    {
        try {
            $line = QuickLine::read($text, $week, $this->today->for($owner));
        } catch (QuickRefused $refused) {
            return new QuickReadingProps(null, [], [], 0, false, '', self::refusal($refused, $week));
        }
        $known = KnownTasks::of($owner, $week, $this->tasks);
        $found = $known->search()->find($line->words);
        $best = array_values(array_filter($found, static fn ($task): bool => $task->fit === $found[0]->fit));
        $ids = array_map(static fn ($task): int => $task->task->id, $chosen === null ? $best : $found);
        $task = match (true) {
            $chosen !== null && in_array($chosen, $ids, true) => $known->offers[$chosen],
            count($ids) === 1 => $known->offers[$ids[0]],
            default => null,
        };
        $message = match (true) {
            $ids === [] => Wording::of('week.quick.no_task', ['words' => implode(' ', $line->words)]),
            $task === null => Wording::of('week.quick.several', ['count' => count($ids)]),
            default => null,
        };
        if ($task !== null && $line->role !== null) {
            [$task, $message] = $this->inRole($task, $line->role);
        }

        return new QuickReadingProps(
            $task,
            $task === null ? array_map(static fn (int $id): TaskOfferProps => $known->offers[$id], array_slice($ids, 0, self::MOST)) : [],
            array_map(static fn (Day $day): string => $day->toString(), $line->days),
            $line->hours->toInt(),
            $line->adds,
            $line->note,
            $message,
            $line->times === null ? null : new StretchTimesProps($line->times->starts->minute(), $line->times->ends->minute()),
            $line->starts,
        );
    }

    /** @return array{TaskOfferProps|null, string|null} the task in the role, or what is to be said */
    private function inRole(TaskOfferProps $task, string $beginning): array
    {
        $roles = Role::query()->orderBy('name')->get()
            ->filter(static fn (Role $role): bool => Str::startsWith(Str::lower($role->name), Str::lower($beginning)) || Str::lower($role->code) === Str::lower($beginning));
        $role = $roles->count() === 1 ? $roles->first() : null;
        if ($role === null) {
            return [null, Wording::of($roles->isEmpty() ? 'week.quick.no_role' : 'week.quick.roles', ['role' => $beginning])];
        }

        return [new TaskOfferProps(
            $task->task, $role->id, LineKey::of($task->task, $role->id), $task->taskName, $task->taskCode, $task->projectCode,
            $task->projectName, $task->chargeCode, $role->name, $task->group,
        ), null];
    }

    /** Why a line is not understood, for people. */
    public static function refusal(QuickRefused $refused, Week $week): string
    {
        return $refused->hours === null
            ? Wording::of('week.quick.'.$refused->fault->value, ['text' => $refused->text, 'week' => $week->number()])
            : Wording::hoursRefused($refused->hours);
    }
}
