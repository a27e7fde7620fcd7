<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Features\Figures\Queries\TaskEfforts;
use App\Models\AskedRestatement;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Restatement as Word;
use Moss\Core\Effort\RestatementFault;
use Moss\Core\Time\Minutes;

/** Accepts or declines a restatement that waits; twice is the same as once. */
final readonly class DecideRestatement
{
    public function __construct(private KeepRestatement $keep, private TaskEfforts $efforts, private RestatementNotices $notices, private Today $today)
    {
    }

    /** @throws RestatementRefusal */
    public function handle(Person $decider, AskedRestatement $asked, bool $accepts, string $word): void
    {
        if (! $accepts && trim($word) === '') {
            throw RestatementRefusal::saying('no_word');
        }
        DB::transaction(fn () => $this->decide($decider, $asked, $accepts, trim($word)));
    }

    private function decide(Person $decider, AskedRestatement $asked, bool $accepts, string $word): void
    {
        $asked->refresh()->load('task.project', 'person.team');
        $verdict = $accepts ? 'accepted' : 'declined';
        $effort = $this->efforts->of($asked->task_id);
        if ($asked->state === $verdict && $asked->decided_by_id === $decider->id) {
            return;
        }
        if ($asked->state !== 'waiting') {
            throw RestatementRefusal::saying('decided');
        }
        if ($accepts && $effort?->holdingOf($asked->person->code, $asked->person->team?->code) === null) {
            throw RestatementRefusal::because(RestatementFault::NotHeld, ['name' => $asked->person->name, 'task' => $asked->task->name, 'manager' => $decider->name]);
        }
        $asked->update(['state' => $verdict, 'decided_by_id' => $decider->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'word' => $word]);
        $said = new Word($asked->person->code, $asked->person->team?->code, Day::of($asked->stated_on), Minutes::of($asked->remaining_minutes), $asked->done);
        if ($accepts) {
            $this->keep->handle($decider, $asked->person, $asked->task, $said, $asked->reason, 'accept');
        } else {
            $this->keep->trace($decider, $asked->person, $asked->task, $effort?->with($said), $effort, $said->on, $word, 'decline');
        }
        $this->notices->decided($decider, $asked, $asked->task);
    }
}
