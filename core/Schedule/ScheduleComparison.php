<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

use Moss\Core\Time\Minutes;

/** A schedule file beside the plan, and beside what was recorded. What a file leaves blank stays as it is. */
final readonly class ScheduleComparison
{
    /**
     * @param  list<string>  $columns  of the file
     * @param  array<string, array{int, string}>  $recorded  minutes and last day by task (`CODE`) and by task and assignee (`CODE person:CODE`)
     */
    public function __construct(private Schedule $file, private Schedule $plan, private array $columns, private array $recorded)
    {
    }

    /** @return list<ScheduleDifference> tasks in the order of the file, each with its work; then what is gone */
    public function differences(): array
    {
        $differences = [];
        $workByTask = $this->file->workByTask();
        foreach ($this->file->tasks as $code => $task) {
            $differences[] = $this->task($task, $this->plan->tasks[$code] ?? null);
            foreach ($workByTask[$code] ?? [] as $key => $work) {
                $differences[] = $this->work($this->nameOf((string) $code), $work, $this->plan->work[$key] ?? null);
            }
        }
        foreach ($this->plan->work as $key => $work) {
            if (! isset($this->file->work[$key])) {
                $differences[] = new ScheduleDifference('work '.$key, ScheduleOutcome::Gone, $work->task, $this->plan->tasks[$work->task]->name, $work->assignee, $work->role, [], $this->isRecorded($work->task.' '.$work->assignee));
            }
        }
        foreach ($this->plan->tasks as $code => $task) {
            if (! isset($this->file->tasks[$code])) {
                $differences[] = new ScheduleDifference('task '.$code, ScheduleOutcome::Gone, (string) $code, $task->name, null, '', [], $this->isRecorded((string) $code));
            }
        }

        return $differences;
    }

    private function task(ScheduledTask $task, ?ScheduledTask $before): ScheduleDifference
    {
        $after = array_filter(array_intersect_key($task->fields(), array_flip($this->columns)), static fn (string $value): bool => $value !== '');
        // A new task is no milestone and waits for nothing unless the file says so.
        $known = $before?->fields() ?? ['milestone' => ScheduledTask::NO_MILESTONE, 'after' => ScheduledTask::WAITS_FOR_NOTHING];
        $changes = self::changes($known, $after);
        if ($before === null) {
            $changes = array_map(static fn (array $values): array => ['', $values[1]], $changes);
        }
        $outcome = $before === null ? ScheduleOutcome::Added : ($changes === [] ? ScheduleOutcome::Same : ScheduleOutcome::Changed);
        $conflict = $outcome === ScheduleOutcome::Changed ? $this->conflict($task->code, $task->planned, isset($changes['ends_on']) ? $task->ends?->toString() ?? '' : '') : null;

        return new ScheduleDifference('task '.$task->code, $outcome, $task->code, $this->nameOf($task->code), null, '', $changes, $conflict);
    }

    private function work(string $name, ScheduledWork $work, ?ScheduledWork $before): ScheduleDifference
    {
        $changes = [];
        if ($before === null || $before->byDay !== $work->byDay) {
            $changes = self::changes(
                ['planned' => $before === null ? '' : (string) $before->planned()->toInt(), 'starts_on' => (string) array_key_first($before->byDay ?? ['' => 0]), 'ends_on' => $before?->lastDay() ?? '', 'days' => $before === null ? '' : (string) count($before->byDay)],
                ['planned' => (string) $work->planned()->toInt(), 'starts_on' => (string) array_key_first($work->byDay ?: ['' => 0]), 'ends_on' => $work->lastDay(), 'days' => (string) count($work->byDay)],
            ) ?: ['days' => [(string) count($work->byDay), (string) count($work->byDay)]];
        }
        $outcome = $before === null ? ScheduleOutcome::Added : ($changes === [] ? ScheduleOutcome::Same : ScheduleOutcome::Changed);
        $conflict = $outcome === ScheduleOutcome::Changed ? $this->conflict($work->task.' '.$work->assignee, $work->planned(), $work->lastDay()) : null;

        return new ScheduleDifference('work '.$work->key(), $outcome, $work->task, $name, $work->assignee, $work->role, $changes, $conflict);
    }

    private function nameOf(string $code): string
    {
        $said = $this->file->tasks[$code]->name ?? '';

        return $said === '' ? $this->plan->tasks[$code]->name ?? $code : $said;
    }

    private function conflict(string $of, ?Minutes $planned, string $lastDay): ?ScheduleConflict
    {
        [$minutes, $last] = $this->recorded[$of] ?? [0, ''];

        return match (true) {
            $planned !== null && $planned->toInt() < $minutes => ScheduleConflict::BelowRecorded,
            $lastDay !== '' && $lastDay < $last => ScheduleConflict::EndsTooSoon,
            default => null,
        };
    }

    private function isRecorded(string $of): ?ScheduleConflict
    {
        return isset($this->recorded[$of]) ? ScheduleConflict::Recorded : null;
    }

    /**
     * @param  array<string, string>  $before
     * @param  array<string, string>  $after
     * @return array<string, array{string, string}>
     */
    private static function changes(array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $field => $value) {
            if (($before[$field] ?? '') !== $value) {
                $changes[$field] = [$before[$field] ?? '', $value];
            }
        }

        return $changes;
    }
}
