<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\MessageKind;
use App\Models\Task;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Database\Record;
use App\Support\Language\Wording;

/** Tells people which tasks have been assigned to them, in one message each. */
final readonly class AssignedNotices
{
    private const MOST_NAMES = 5;

    public function __construct(private NotifyPeople $notify)
    {
    }

    /** @param  array<int, array<int, true>>  $tasks  by person, then by task */
    public function of(array $tasks): void
    {
        $names = [];
        $ids = array_unique(array_merge(...array_map(array_keys(...), array_values($tasks))));
        foreach ($ids === [] ? [] : Record::all(Task::query()->toBase()->select('id', 'name')->whereIntegerInRaw('id', $ids)) as $task) {
            $names[$task->int('id')] = $task->string('name');
        }
        $this->notify->of(array_map(static fn (int $person, array $assigned): Notice => new Notice($person, MessageKind::Assigned, 'assigned '.implode(' ', array_keys($assigned)), [
            'count' => count($assigned),
            'tasks' => self::listed(array_map(static fn (int $task): string => $names[$task] ?? '', array_keys($assigned))),
        ], '/week'), array_keys($tasks), array_values($tasks)));
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $shown = implode(', ', array_slice($names, 0, self::MOST_NAMES));

        return count($names) <= self::MOST_NAMES ? $shown : Wording::of('messages.and_more', ['names' => $shown, 'count' => count($names) - self::MOST_NAMES]);
    }
}
