<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Actions;

use App\Features\Remaining\Actions\EstimateInput;
use App\Features\Remaining\Actions\EstimateRefusal;
use App\Features\Remaining\Actions\UpdateEstimate;
use App\Features\Stretches\Actions\DrawStretch;
use App\Features\Stretches\Actions\StretchInput;
use App\Features\Stretches\Actions\StretchRefused;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Features\Week\Queries\QuickReading;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\QuickLine\QuickLine;
use Moss\Core\QuickLine\QuickRefused;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Time\Minutes;

/** Records work on a task, what remains of it and that it is done, in one step: all of it, or nothing. */
final readonly class RecordWork
{
    public function __construct(private SaveCells $save, private DrawStretch $draw, private UpdateEstimate $estimate, private Today $today)
    {
    }

    /**
     * @return string what was recorded, for people
     *
     * @throws TaskRefused
     */
    public function handle(Person $person, WorkInput $input): string
    {
        $task = Task::query()->with('project.manager')->find($input->task) ?? throw TaskRefused::saying(Wording::refusal('cell.no_task'));

        return DB::transaction(function () use ($person, $task, $input): string {
            $minutes = trim($input->line) === '' ? Minutes::zero() : $this->record($person, $task, $input);
            $this->estimate($person, $task, $input);

            return match (true) {
                ! $minutes->isZero() => Wording::of('tasks.recorded', ['hours' => Wording::hours($minutes, $person), 'task' => $task->name]),
                $input->isDone => Wording::of('tasks.done', ['task' => $task->name]),
                default => Wording::of('tasks.estimated', ['task' => $task->name]),
            };
        });
    }

    /** @return Minutes that came on top */
    private function record(Person $person, Task $task, WorkInput $input): Minutes
    {
        $today = $this->today->for($person);
        $week = Week::containing($today);
        try {
            $line = QuickLine::ofTask($input->line, $week, $today);
        } catch (QuickRefused $refused) {
            throw TaskRefused::saying(QuickReading::refusal($refused, $week));
        }
        if ($line->times !== null) {
            try {
                $this->draw->handle($person, $person, new StretchInput($task->id, $input->role, $line->days[0], $line->times, $line->note));
            } catch (StretchRefused $refused) {
                throw TaskRefused::saying($refused->getMessage());
            }

            return $line->times->minutes();
        }
        $this->refuse($this->save->handle($person, $person, $this->cells($person, $input, $line)));

        return Minutes::of($line->hours->toInt() * count($line->days));
    }

    /** @return list<CellInput> what is said of each day, on top of what it holds */
    private function cells(Person $person, WorkInput $input, QuickLine $line): array
    {
        $entries = Entry::query()->where('person_id', $person->id)->where('task_id', $input->task)->where('role_id', $input->role)->whereNull('corrects')
            ->whereIn('date', array_map(static fn (Day $day): string => $day->toString(), $line->days))->get()
            ->keyBy(static fn (Entry $entry): string => $entry->date->toString());

        return array_map(static function (Day $day) use ($input, $line, $entries): CellInput {
            $entry = $entries->get($day->toString());
            $minutes = min(Minutes::PER_DAY, ($entry?->minutes->toInt() ?? 0) + $line->hours->toInt());
            $note = $line->note === '' ? null : mb_substr(implode("\n", array_filter([$entry->note ?? '', $line->note])), 0, ClientNote::MAX_LENGTH);

            return new CellInput($input->task, $input->role, $day, null, $entry?->version, $note, minutes: Minutes::of($minutes));
        }, $line->days);
    }

    private function estimate(Person $person, Task $task, WorkInput $input): void
    {
        if (! $input->isDone && $input->remaining === null) {
            return;
        }
        try {
            $this->estimate->handle($person, $person, $task, new EstimateInput($input->isDone ? null : $input->remaining, false, false, $input->reason));
        } catch (EstimateRefusal $refusal) {
            throw TaskRefused::saying($refusal->getMessage(), 'remaining');
        }
    }

    /** @param  list<CellResult>  $results */
    private function refuse(array $results): void
    {
        foreach ($results as $result) {
            if ($result->outcome !== CellOutcome::Saved) {
                throw TaskRefused::saying($result->message ?? '');
            }
        }
    }
}
