<?php

declare(strict_types=1);

namespace Tests\App\Effort;

use App\Approval\DecisionKind;
use App\Exchange\ExchangeSource;
use App\Exchange\ImportExchange;
use App\Exchange\ImportRefused;
use App\Features\Corrections\Actions\CorrectionRefused;
use App\Features\Corrections\Actions\DecideCorrections;
use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\ProposedHours;
use App\Features\Periods\Actions\ClosePeriod;
use App\Features\Periods\Actions\PeriodRefused;
use App\Features\Periods\Queries\PeriodCheck;
use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\CopyPlan;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Actions\PlanLine;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\ProjectSettings;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Features\Plan\Actions\SaveProject;
use App\Features\Plan\Actions\SpreadAssignment;
use App\Features\Rates\Actions\SaveRates;
use App\Features\Remaining\Actions\EstimateInput;
use App\Features\Remaining\Actions\EstimateRefusal;
use App\Features\Remaining\Actions\MarkTaskDone;
use App\Features\Remaining\Actions\TakeBackEstimate;
use App\Features\Remaining\Actions\UpdateEstimate;
use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecisionRefused;
use App\Features\Review\Actions\ReopenEntries;
use App\Features\Review\Actions\UndoDecision;
use App\Features\Submission\Actions\Submission;
use App\Features\Submission\Actions\SubmissionRefused;
use App\Features\Submission\Actions\SubmitDays;
use App\Features\Submission\Actions\TakeBackDays;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\LineRefused;
use App\Features\Week\Actions\RemoveLine;
use App\Features\Week\Actions\SaveCells;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Project;
use App\Models\Rate;
use App\Models\Role;
use App\Models\Task;
use Closure;
use DomainException;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use Random\Randomizer;

/** Acts of the application on things picked at random. What is refused changes nothing, which is as good an act as any. */
final readonly class RandomActs
{
    /** @param  Closure(array<string, string>): string  $folder  puts files into a folder of their own */
    public function __construct(private Application $application, private Randomizer $random, private Closure $folder)
    {
    }

    /** @return string what was done */
    public function one(): string
    {
        /** @var non-empty-array<string, Closure(): mixed> $acts */
        $acts = $this->recording() + $this->deciding() + $this->estimating() + $this->planning() + $this->paying() + $this->importing();
        $name = $this->random->pickArrayKeys($acts, 1)[0];
        try {
            $acts[$name]();
        } catch (DomainException|ActRefused|CorrectionRefused|DecisionRefused|EstimateRefusal|ImportRefused|LineRefused|PeriodRefused|PlanRefused|SubmissionRefused $refused) {
            return $name.' (refused: '.$refused->getMessage().')';
        }

        return $name;
    }

    /** @return array<string, Closure(): mixed> */
    private function recording(): array
    {
        return [
            'record' => fn () => $this->save($this->some(Person::query()), $this->some(Task::query())->id, $this->maybe(fn (): int => $this->some(Role::query())->id), $this->day(), null, $this->hours()),
            'record much' => fn () => $this->make(SaveCells::class)->handle($one = $this->some(Person::query()), $one, array_map(
                fn (int $day): CellInput => new CellInput($this->some(Task::query())->id, null, Day::of('2026-06-01')->plusDays($day), '0:30', null), range(0, 20),
            )),
            'change' => fn () => $this->change($this->some(self::open()), $this->hours()),
            'clear' => fn () => $this->change($this->some(self::open()), '0'),
            'remove a line' => fn () => $this->removeLine($this->some(self::open())),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function deciding(): array
    {
        return [
            'submit' => fn () => $this->make(SubmitDays::class)->handle($one = $this->some(self::open()->with('person'))->person, $one, $this->week()->days(), Submission::whole()),
            'submit another' => fn () => $this->submit($this->some(self::open()->with('person'))),
            'take back' => fn () => $this->make(TakeBackDays::class)->handle($one = $this->some(Person::query()), $one, $this->week()->days()),
            'approve' => fn () => $this->decide(DecisionKind::Approve),
            'approve more' => fn () => $this->decide(DecisionKind::Approve),
            'return' => fn () => $this->decide(DecisionKind::Return),
            'reopen' => fn () => $this->make(ReopenEntries::class)->handle($this->office(), [$this->some(Entry::query()->where('state', EntryState::Approved))->id]),
            'undo' => fn () => $this->undo(),
            'close' => fn () => $this->make(ClosePeriod::class)->handle($this->office(), $until = $this->day(), PeriodCheck::seen($until), true),
            'correct' => fn () => $this->correct($this->some(Entry::query()->with('person')->whereIn('state', [EntryState::Approved, EntryState::Settled])->whereNull('corrects'))),
            'accept corrections' => fn () => $this->make(DecideCorrections::class)->handle($this->office(), self::ids('corrections', ['state' => 'waiting']), true, ''),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function estimating(): array
    {
        $task = fn (): Task => $this->some(Task::query()->with('project.manager', 'assignments'));
        $assigned = fn (): array => [$one = $this->some(Assignment::query()->whereNotNull('person_id')->with('person', 'task.project.manager')), $one->person ?? throw new DomainException('nobody')];

        return [
            'estimate' => function () use ($assigned): void {
                [$assignment, $person] = $assigned();
                $this->make(UpdateEstimate::class)->handle($person, $person, $assignment->task, new EstimateInput((string) $this->random->getInt(0, 60), false, false, 'More work'));
            },
            'say done' => function () use ($assigned): void {
                [$assignment, $person] = $assigned();
                $this->make(UpdateEstimate::class)->handle($person, $person, $assignment->task, new EstimateInput(null, false, true, 'Finished'));
            },
            'take the estimate back' => fn () => $this->make(TakeBackEstimate::class)->handle($one = $this->some(Person::query()), $one, $task()),
            'done for all' => fn () => $this->make(MarkTaskDone::class)->handle(($one = $task())->project->manager, $one, true, true, ''),
            'open again' => fn () => $this->make(MarkTaskDone::class)->handle(($one = $task())->project->manager, $one, false, true, ''),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function planning(): array
    {
        $settings = fn (Project $project): ProjectSettings => new ProjectSettings(
            $project->name, '', $this->some(Person::query())->code, $this->maybe(fn (): Day => Day::of('2026-04-'.$this->random->getInt(10, 30))), $this->maybe(static fn (): Day => Day::of('2026-08-01')), true, true, null,
        );

        return [
            'add to the plan' => fn () => $this->make(AddPlanLines::class)->handle($this->office(), $this->some(Project::query()), [
                new PlanLine(['task' => 'Extra '.$this->random->getInt(1, 9), 'planned' => (string) $this->random->getInt(0, 90), 'who' => $this->random->getInt(0, 1) === 0 ? '' : $this->some(Person::query())->code, 'startsOn' => '2026-06-01', 'endsOn' => '2026-07-03'], null),
            ]),
            'plan a task otherwise' => fn () => $this->changePlan($this->some(Task::query()), ['planned' => $this->random->getInt(0, 2) === 0 ? '' : (string) $this->random->getInt(0, 90), 'budget' => '999', 'startsOn' => $this->day()->toString(), 'endsOn' => '2026-08-31']),
            'plan somebody otherwise' => fn () => $this->changeAssignment($this->some(Assignment::query()->with('task.project'))),
            'spread by day' => fn () => $this->spread($this->some(Assignment::query()->with('task.project'))),
            'remove from the plan' => fn () => $this->make(RemovePlanRows::class)->handle($this->office(), ($one = $this->some(Assignment::query()->with('task.project')))->task->project, [], [$one->id]),
            'remove a task' => fn () => $this->make(RemovePlanRows::class)->handle($this->office(), $this->some(Project::query()), [$this->some(Task::query())->id], []),
            'copy a plan' => fn () => $this->make(CopyPlan::class)->handle($this->office(), $one = $this->some(Project::query()), '', $settings($one), true),
            'other settings of a project' => fn () => $this->make(SaveProject::class)->change($this->office(), $one = $this->some(Project::query()), $settings($one)),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function paying(): array
    {
        $set = fn (?Person $person, ?Role $role) => $this->make(SaveRates::class)->set($this->office(), $person, $role, $this->day()->toString(), $this->random->getInt(1, 200).'.'.$this->random->getInt(10, 99), null);

        return [
            'rate a person' => fn () => $set($this->some(Person::query()), $this->maybe(fn (): Role => $this->some(Role::query()))),
            'rate a role' => fn () => $set(null, $this->some(Role::query())),
            'remove a rate' => fn () => $this->make(SaveRates::class)->remove($this->office(), $this->some(Rate::query())),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function importing(): array
    {
        $of = fn (): Person => $this->some(Person::query());
        $pick = fn (string ...$from): string => $from[$this->random->getInt(0, count($from) - 1)];
        $person = fn (string $columns, string $values) => $this->import(['people.csv' => 'person,name,email,'.$columns."\n".($one = $of())->code.','.$one->name.','.$one->email.','.$values."\n"]);

        return [
            'another team' => fn () => $person('team', $pick('', 'field', '42')),
            'another role' => fn () => $person('role', $pick('', 'r1', 'r2', 'r3')),
            'another pattern' => fn () => $person('pattern', $pick('', '8 0 4 8 2.5 0 0')),
            'another calendar' => fn () => $person('calendar', $pick('', 'isle', 'main')),
            'another pattern for all' => fn () => $this->import(['organisation.csv' => "key,value\npattern,".$pick('8 8 8 8 8 0 0', '7 7 7 7 4 0 0')."\n"]),
            'a holiday' => fn () => $this->import(['calendars.csv' => "calendar,date,name,part\n".$pick('main', 'isle').','.$this->day()->toString().',Storm,'.$pick('0.5', '')."\n"]),
            'a plan refreshed' => fn () => $this->import([
                'assignments.csv' => "project,task,person,planned,starts_on,ends_on\n".($task = $this->some(Task::query()->with('project')))->project->code.','.$task->code.','.$of()->code.",40,2026-06-08,2026-06-26\n",
            ], true),
            'entries by file' => fn () => $this->import(['entries.csv' => "person,project,task,date,hours,state\n".$of()->code.','.($task = $this->some(Task::query()->with('project')))->project->code.','.$task->code.','.$this->day()->toString().',2,'.$pick('draft', 'approved')."\n"]),
            'a task billable or not' => fn () => $this->import(['tasks.csv' => "project,task,name,billable\n".($task = $this->some(Task::query()->with('project')))->project->code.','.$task->code.','.$task->name.','.$pick('', 'yes', 'no')."\n"]),
            'a project billable or not' => fn () => $this->import(['projects.csv' => "project,name,manager,billable\n".($project = $this->some(Project::query()->with('manager')))->code.','.$project->name.','.$project->manager->code.','.$pick('yes', 'no')."\n"]),
            'estimates by file' => fn () => $this->import(['remaining_estimates.csv' => "person,project,task,on,remaining,done\n".$of()->code.','.($task = $this->some(Task::query()->with('project')))->project->code.','.$task->code.','.$this->day()->toString().",12,no\n"]),
        ];
    }

    private function save(Person $person, int $task, ?int $role, Day $day, ?int $seen, string $hours): void
    {
        $this->make(SaveCells::class)->handle($person, $person, [new CellInput($task, $role, $day, $hours, $seen)]);
    }

    private function change(Entry $entry, string $hours): void
    {
        $this->save(Person::query()->findOrFail($entry->person_id), $entry->task_id, $entry->role_id, $entry->date, $entry->version, $hours);
    }

    private function removeLine(Entry $entry): void
    {
        $person = Person::query()->findOrFail($entry->person_id);
        $week = Week::containing($entry->date);
        $sum = Entry::query()->where('person_id', $person->id)->where('task_id', $entry->task_id)->where('role_id', $entry->role_id)
            ->inWeek($week)->sum('minutes');
        $this->make(RemoveLine::class)->handle($person, $person, $week, $entry->task_id, $entry->role_id, Minutes::of((int) $sum));
    }

    private function submit(Entry $entry): void
    {
        $this->make(SubmitDays::class)->handle($entry->person, $entry->person, Week::containing($entry->date)->days(), Submission::whole());
    }

    private function decide(DecisionKind $kind): void
    {
        $entries = Entry::query()->where('state', EntryState::Submitted)->inRandomOrder((string) $this->random->getInt(1, 999))->limit(5)->pluck('version', 'id')->all();
        $seen = [];
        foreach ($entries as $id => $version) {
            $seen[(int) $id] = is_int($version) ? $version : 0;
        }
        $this->make(DecideEntries::class)->handle($this->office(), $kind, $seen, 'Look again');
    }

    private function undo(): void
    {
        $id = DB::table('decisions')->whereNotNull('actor_id')->whereNull('undone_at')->max('id');
        $this->make(UndoDecision::class)->handle($this->office(), is_int($id) ? $id : 0);
    }

    private function correct(Entry $entry): void
    {
        $this->make(ProposeCorrections::class)->handle($entry->person, $entry->person, [new ProposedHours($entry->task_id, $entry->role_id, $entry->date, $this->hours())], 'Forgot');
    }

    /** @param  array<string, string>  $fields */
    private function changePlan(Task $task, array $fields): void
    {
        $this->make(ChangePlan::class)->handle($this->office(), Project::query()->findOrFail($task->project_id), [new PlanChange($task->id, [], $fields)]);
    }

    private function changeAssignment(Assignment $assignment): void
    {
        $fields = ['planned' => (string) $this->random->getInt(0, 90), 'endsOn' => $assignment->starts_on->plusDays($this->random->getInt(0, 40))->toString()];
        $this->make(ChangePlan::class)->handle($this->office(), $assignment->task->project, [new PlanChange(null, [$assignment->id], $fields)]);
    }

    private function spread(Assignment $assignment): void
    {
        $this->make(SpreadAssignment::class)->handle($this->office(), $assignment->task->project, [$assignment->id], $this->random->getInt(0, 1) === 0 ? [] : ['2026-06-18' => '3', '2026-06-30' => '2', '2026-07-01' => '4:45']);
    }

    /** @param  array<string, string>  $files */
    private function import(array $files, bool $replacesPlan = false): void
    {
        $this->make(ImportExchange::class)->handle(ExchangeSource::at(($this->folder)($files)), false, $replacesPlan);
    }

    private function office(): Person
    {
        return Person::query()->where('access', 'office')->firstOrFail();
    }

    private function hours(): string
    {
        return $this->random->getInt(0, 12).':'.sprintf('%02d', $this->random->getInt(1, 59));
    }

    private function day(): Day
    {
        return Day::of('2026-05-01')->plusDays($this->random->getInt(0, 47));
    }

    private function week(): Week
    {
        return Week::containing($this->day());
    }

    /** @return Builder<Entry> */
    private static function open(): Builder
    {
        return Entry::query()->whereIn('state', [EntryState::Draft, EntryState::Returned])->whereNull('corrects');
    }

    /**
     * @param  array<string, string>  $where
     * @return list<int>
     */
    private static function ids(string $table, array $where): array
    {
        return array_values(array_filter(DB::table($table)->where($where)->pluck('id')->all(), is_int(...)));
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @return T
     */
    private function some(Builder $query): Model
    {
        $count = (clone $query)->count();
        if ($count === 0) {
            throw new DomainException('There is none.');
        }

        return $query->orderBy('id')->skip($this->random->getInt(0, $count - 1))->firstOrFail();
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $made
     * @return T|null
     */
    private function maybe(Closure $made): mixed
    {
        return $this->random->getInt(0, 1) === 0 ? null : $made();
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private function make(string $class): object
    {
        $made = $this->application->make($class);
        assert($made instanceof $class);

        return $made;
    }
}
