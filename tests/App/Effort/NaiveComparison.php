<?php

declare(strict_types=1);

namespace Tests\App\Effort;

use App\Effort\EffortScope;
use App\Effort\EstimateReader;
use App\Effort\PlanReader;
use App\Effort\RatesInForce;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Models\Entry as EntryModel;
use App\Models\OwnFieldValue;
use App\Models\Person;
use App\Models\Task;
use App\Sheet\ExpectedDaysOfMany;
use App\Sheet\PersonWorkTime;
use Illuminate\Support\Collection;
use LogicException;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedCompletion;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\ComparedMoney;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Compare\WorkItem;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Cost;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/** Comparisons made of every entry, every planned day and every expected day, one by one, without anything that is stored. */
final class NaiveComparison
{
    /** @var Collection<int, EntryModel> */
    private readonly Collection $entries;

    /** @var Collection<int, Task> by number */
    private readonly Collection $tasks;

    /** @var Collection<int, Person> by number */
    private readonly Collection $people;

    /** @var array<string, list<ComparedAmount>> by what they are of */
    private array $made = [];

    /** @var array<string, string> what the own field that is asked for holds, by what it belongs to and its number */
    private array $held = [];

    public function __construct(private readonly ComparedDays $days)
    {
        $this->entries = EntryModel::query()->with('role')->orderBy('id')->get();
        $this->tasks = Task::query()->with(['project.client', 'project.manager', 'phase'])->get()->keyBy('id');
        $this->people = Person::query()->with(['team', 'role'])->get()->keyBy('id');
    }

    public function of(ComparisonTerms $terms): Comparison
    {
        $this->held = [];
        $field = $terms->field;
        $subject = $field->subject->value ?? '';
        foreach (OwnFieldValue::query()->whereRelation('ownField', 'code', $field->code ?? '')->get() as $value) {
            $id = ['entry' => $value->entry_id, 'task' => $value->task_id, 'project' => $value->project_id, 'person' => $value->person_id][$subject] ?? 0;
            $this->held[$subject.' '.$id] = $value->value;
        }

        return Comparison::of($terms->by, $terms->selection, $this->amounts($terms), $terms->then, $terms->across);
    }

    /** @return iterable<ComparedAmount> */
    private function amounts(ComparisonTerms $terms): iterable
    {
        $field = $terms->field->code ?? '';
        if (! $terms->asksFieldOfEntries()) {
            yield from $this->made("planned $field", $this->planned(...));
        }
        $asked = json_encode([$terms->withPending, $this->asksBillable($terms), $terms->asksMoney(), $terms->asksAttendance()], JSON_THROW_ON_ERROR);
        yield from $this->made("recorded $field $asked", fn (): iterable => $this->recorded($terms));
        if ($terms->asksAttendance()) {
            yield from $this->made("expected $field", $this->expected(...));
        }
        foreach ($terms->asksCompletion() ? $this->made("completion $field", $this->completion(...)) : [] as $amount) {
            if ($amount->row->completion?->forecast()->isZero() === false) {
                yield $amount;
            }
        }
    }

    /**
     * What does not depend on groupings and selection is made once.
     *
     * @param  callable(): iterable<ComparedAmount>  $make
     * @return list<ComparedAmount>
     */
    private function made(string $what, callable $make): array
    {
        return $this->made[$what] ??= iterator_to_array((static fn (): iterable => yield from $make())(), false);
    }

    /** @return iterable<ComparedAmount> */
    private function planned(): iterable
    {
        $plans = (new PlanReader)->of($this->scope());
        foreach ($plans->tasks as $id => $task) {
            foreach ($plans->parts[$id] ?? [] as $part) {
                $spread = $part->assignment->spread($plans->capacities()->for($part->assignment->assignee));
                yield from $this->eachDay($this->planItem($id, $part->assignment->assignee, $part->assignment->role), $spread);
            }
            if (! $task->unassigned()->isZero() && $task->days !== null) {
                yield from $this->eachDay($this->item($id, null, null, null, null), Spread::over($task->unassigned(), $task->days, $plans->capacities()->for(null)));
            }
        }
    }

    /** @return iterable<ComparedAmount> */
    private function eachDay(WorkItem $item, Spread $spread): iterable
    {
        foreach ($spread->byDay() as $date => $minutes) {
            if ($this->days->period->includes(Day::of($date))) {
                yield PlannedTime::amount($item, Day::of($date), $minutes->toInt(), $this->days->isToDate(Day::of($date)) ? $minutes->toInt() : 0);
            }
        }
    }

    /** @return iterable<ComparedAmount> */
    private function recorded(ComparisonTerms $terms): iterable
    {
        $pricing = RatesInForce::load();
        foreach ($this->entries as $entry) {
            $day = $entry->date;
            if (! $this->days->period->includes($day)) {
                continue;
            }
            $item = $this->item($entry->task_id, $this->codeOf($entry->person_id), null, $entry->role?->code, $entry->billable, $entry);
            [$actual, $pending] = $entry->state->isActual() ? [$entry->minutes->toInt(), 0] : [0, $entry->minutes->toInt()];
            $counts = $entry->state->isActual() || $terms->withPending;
            $who = [$item->person ?? '', $entry->role?->code, $day, $entry->minutes];
            $money = $counts ? new ComparedMoney($pricing->cost(...$who), $pricing->bill(...[...$who, $item->isBillable && $this->asksBillable($terms)]), Minutes::zero()) : new ComparedMoney(Cost::nothing(), Cost::nothing(), Minutes::zero());
            yield RecordedTime::amount($item, $day, $actual, $pending, $terms->withPending, $this->asksBillable($terms), $terms->asksMoney() ? $money : null, $terms->asksAttendance());
        }
    }

    private function asksBillable(ComparisonTerms $terms): bool
    {
        return $terms->asksBillable() || $terms->selection->billable !== null || in_array(Grouping::Billable, $terms->groupings(), true);
    }

    /** @return iterable<ComparedAmount> */
    private function expected(): iterable
    {
        $people = array_values($this->people->filter(static fn (Person $person): bool => ! $person->isViewer())->all());
        $expected = ExpectedDaysOfMany::during(array_map(PersonWorkTime::of(...), $people), $this->days->period);
        foreach ($people as $person) {
            foreach ($this->days->period as $day) {
                $minutes = $expected->hours(PersonWorkTime::of($person))->on($day);
                if (! $minutes->isZero()) {
                    yield new ComparedAmount(WorkItem::attendance($person->code, $person->team?->code, $person->role?->code, $this->held['person '.$person->id] ?? null), $day, ComparisonRow::expected($minutes, $this->days->isToDate($day) ? $minutes : Minutes::zero()));
                }
            }
        }
    }

    /** @return iterable<ComparedAmount> */
    private function completion(): iterable
    {
        $nothing = Minutes::zero();
        foreach ($this->entries as $entry) {
            yield new ComparedAmount($this->item($entry->task_id, $this->codeOf($entry->person_id), null, $entry->role?->code, $entry->billable, $entry), null, ComparisonRow::completion(new ComparedCompletion($entry->minutes, $nothing)));
        }
        $plans = (new PlanReader)->of($this->scope());
        $estimates = EstimateReader::of($this->scope());
        foreach ($plans->tasks as $id => $task) {
            if ($task->ownPlanned === null && $task->assignments === []) {
                continue;
            }
            $recorded = $this->entries->where('task_id', $id)->map(fn (EntryModel $entry): RecordedEffort => RecordedEffort::unpriced($this->codeOf($entry->person_id), $this->teamOf($this->codeOf($entry->person_id)), $entry->date, $entry->minutes));
            $effort = TaskEffort::of($task, $recorded, $estimates[$id] ?? []);
            foreach ($effort->assigneeEfforts as $one) {
                yield new ComparedAmount($this->planItem($id, $one->assignee, $one->lastAssignment()->role), null, ComparisonRow::completion(new ComparedCompletion($nothing, $effort->remainingOf($one))));
            }
            yield new ComparedAmount($this->item($id, null, null, null, null), null, ComparisonRow::completion(new ComparedCompletion($nothing, $effort->remainingUnassigned())));
        }
    }

    private function scope(): EffortScope
    {
        return EffortScope::tasks(array_values(array_map(static fn (Task $task): int => $task->id, $this->tasks->all())));
    }

    private function planItem(int $task, Assignee $assignee, ?string $role): WorkItem
    {
        return $assignee->isTeam ? $this->item($task, null, $assignee->code, $role, null) : $this->item($task, $assignee->code, null, $role, null);
    }

    private function teamOf(string $person): ?string
    {
        return $this->people->firstWhere('code', $person)?->team?->code;
    }

    /** @param  string|null  $team  planned for; a person has their own */
    private function item(int $task, ?string $person, ?string $team, ?string $role, ?bool $billable, ?EntryModel $entry = null): WorkItem
    {
        $task = $this->tasks[$task] ?? throw new LogicException('A task that there is.');
        $project = $task->project;
        $who = $person === null ? null : $this->people->firstWhere('code', $person);

        return new WorkItem(
            $project->code, $project->client?->code, $task->phase?->name, $task->code, $person, $who === null ? $team : $who->team?->code, $role ?? $who?->role?->code,
            $project->manager->code, $entry->charge_code ?? $task->charge_code, $project->internal, $billable ?? $task->billable ?? $project->billable,
            field: $this->held['entry '.($entry->id ?? 0)] ?? $this->held['task '.$task->id] ?? $this->held['project '.$project->id] ?? $this->held['person '.($who->id ?? 0)] ?? null,
        );
    }

    private function codeOf(int $person): string
    {
        return ($this->people[$person] ?? throw new LogicException('A person that there is.'))->code;
    }
}
