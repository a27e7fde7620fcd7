<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Features\Messages\Actions\Notice;
use App\Features\Messages\Actions\Tell;
use App\Models\AskedRestatement;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\Task;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\Restatement as Word;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\Minutes;

/** Tells project managers what was said of what is left, and people what was decided on it. */
final readonly class RestatementNotices
{
    public function __construct(private Tell $tell)
    {
    }

    public function told(Person $actor, Person $owner, Task $task, TaskEffort $before, TaskEffort $after, Word $word, string $reason): void
    {
        if ($task->project->manager_id === $actor->id) {
            return;
        }
        $about = implode(' ', ['restated', $task->id, $owner->id, $word->on->toString(), $word->done ? 'done' : $word->remaining->toInt()]);
        $this->tell->of([new Notice($task->project->manager_id, MessageKind::Restated, $about, self::facts($owner, $task, $before, $after, $reason), self::link($task))]);
    }

    public function asked(Person $actor, Person $owner, Task $task, AskedRestatement $asked, ?TaskEffort $before, ?TaskEffort $after): void
    {
        $this->tell->of([new Notice(
            $task->project->manager_id, MessageKind::RestatementAsked, 'restatement '.$asked->id, self::facts($owner, $task, $before, $after, $asked->reason), self::link($task),
        )]);
    }

    public function decided(Person $decider, AskedRestatement $asked, Task $task): void
    {
        $this->tell->of([new Notice($asked->person_id, MessageKind::RestatementDecided, 'restatement '.$asked->id.' decided', [
            'name' => $decider->name, 'task' => $task->name, 'verdict' => $asked->state, 'left' => Minutes::of($asked->remaining_minutes), 'word' => $asked->word,
        ], '/week/'.Week::containing(Day::of($asked->stated_on))->toString())]);
    }

    /** @return array<string, Minutes|Day|int|string> */
    private static function facts(Person $owner, Task $task, ?TaskEffort $before, ?TaskEffort $after, string $reason): array
    {
        $forecasting = Forecasting::ofMinutes();
        $left = static fn (?TaskEffort $effort): Minutes => $effort?->holdingOf($owner->code, $owner->team?->code)?->remaining() ?? Minutes::zero();
        $forecast = static fn (?TaskEffort $effort): Minutes => $effort === null ? Minutes::zero() : $forecasting->ofTask($effort)->forecast();

        return [
            'name' => $owner->name, 'task' => $task->name, 'project' => $task->project->name, 'before' => $left($before), 'after' => $left($after),
            'forecast_before' => $forecast($before), 'forecast' => $forecast($after), 'word' => $reason,
        ];
    }

    private static function link(Task $task): string
    {
        return '/projects/'.$task->project->code.'?figure=remaining&task='.$task->code;
    }
}
