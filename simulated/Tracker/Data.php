<?php

declare(strict_types=1);

namespace Simulated\Tracker;

/**
 * All that the tracker knows. Every change is counted, and what was changed remembers the count.
 *
 * @phpstan-type TaskRow array{key: string, project: string, title: string, state: string, people: list<string>, minutes: int, comment: string, commentBy: string, commentOn: string, changed: int}
 * @phpstan-type TimeRow array{id: int, task: string, person: string, day: string, minutes: int, text: string, version: int, changed: int}
 */
final class Data
{
    public int $count = 0;

    /** @var list<array{key: string, name: string}> */
    public array $projects = [];

    /** @var list<Member> */
    public array $people = [];

    /** @var array<string, TaskRow> by key */
    public array $tasks = [];

    /** @var array<int, TimeRow> by number; those that are gone have no minutes */
    public array $times = [];

    /** @var array<string, int> the time that was made or changed under each */
    public array $references = [];

    public function person(string $login): ?Member
    {
        foreach ($this->people as $member) {
            if ($member->login === $login) {
                return $member;
            }
        }

        return null;
    }

    /** @param  list<string>  $people  logins */
    public function saveTask(string $project, string $key, string $title, string $state, array $people, int $minutes): void
    {
        $before = $this->tasks[$key] ?? null;
        $this->tasks[$key] = ['key' => $key, 'project' => $project, 'title' => $title, 'state' => $state, 'people' => $people, 'minutes' => $minutes,
            'comment' => $before['comment'] ?? '', 'commentBy' => $before['commentBy'] ?? '', 'commentOn' => $before['commentOn'] ?? '', 'changed' => ++$this->count];
    }

    public function comment(string $key, string $by, string $on, string $text): void
    {
        if (isset($this->tasks[$key])) {
            $this->tasks[$key] = ['comment' => $text, 'commentBy' => $by, 'commentOn' => $on, 'changed' => ++$this->count] + $this->tasks[$key];
        }
    }

    /** @return TimeRow */
    public function addTime(string $task, string $person, string $day, int $minutes, string $text): array
    {
        $id = count($this->times) + 1;

        return $this->times[$id] = ['id' => $id, 'task' => $task, 'person' => $person, 'day' => $day, 'minutes' => $minutes, 'text' => $text, 'version' => 1, 'changed' => ++$this->count];
    }

    /** @return TimeRow */
    public function changeTime(int $id, int $minutes, string $text): array
    {
        return $this->times[$id] = ['minutes' => $minutes, 'text' => $text, 'version' => $this->times[$id]['version'] + 1, 'changed' => ++$this->count] + $this->times[$id];
    }
}
