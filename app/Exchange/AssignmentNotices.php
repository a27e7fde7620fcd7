<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Features\Messages\Actions\Notice;
use App\Features\Messages\Actions\Tell;
use App\Models\MessageKind;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Words;
use Illuminate\Support\Facades\DB;

/** Tells people what has been assigned to them by files, in one message each; what is over is told nobody. */
final readonly class AssignmentNotices
{
    private const MOST_NAMES = 5;

    public function __construct(private Tell $tell, private Today $today)
    {
    }

    /** @param  list<KindChange>  $changes */
    public function of(array $changes): void
    {
        $today = $this->today->in('UTC')->toString();
        $tasks = [];
        foreach ($changes as $change) {
            foreach ($change->kind->table() === 'assignments' ? $change->inserts : [] as $assignment) {
                if ($assignment['person_id'] !== null && (string) $assignment['ends_on'] >= $today) {
                    $tasks[(int) $assignment['person_id']][(int) $assignment['task_id']] = true;
                }
            }
        }
        $names = [];
        foreach ($tasks === [] ? [] : Record::all(DB::table('tasks')->select('id', 'name')->whereIntegerInRaw('id', array_unique(array_merge(...array_map(array_keys(...), array_values($tasks)))))) as $task) {
            $names[$task->int('id')] = $task->string('name');
        }
        $this->tell->of(array_map(static fn (int $person, array $assigned): Notice => new Notice($person, MessageKind::Assigned, 'assigned '.implode(' ', array_keys($assigned)), [
            'count' => count($assigned),
            'tasks' => self::listed(array_map(static fn (int $task): string => $names[$task] ?? '', array_keys($assigned))),
        ], '/week'), array_keys($tasks), array_values($tasks)));
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $shown = implode(', ', array_slice($names, 0, self::MOST_NAMES));

        return count($names) <= self::MOST_NAMES ? $shown : Words::of('messages.and_more', ['names' => $shown, 'count' => count($names) - self::MOST_NAMES]);
    }
}
