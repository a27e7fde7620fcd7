<?php

declare(strict_types=1);

namespace Simulated\Tracker;

use Simulated\Reply;

/**
 * A task tracker: tasks with people, states, comments and time. What was asked under a reference is done once, however often it is asked;
 * a time is changed only as it was seen.
 */
final readonly class Tracker
{
    public const STATES = ['open', 'in progress', 'blocked', 'done'];

    public function __construct(private Store $store, private string $token)
    {
    }

    /** @param  array<string, string>  $headers  by name in lower case */
    public function answer(string $method, string $path, array $headers, string $body, string $since = ''): Reply
    {
        if (! str_starts_with($path, '/api/')) {
            return (new Pages($this->store))->answer($method, $path, $body);
        }
        if ($this->store->isAway()) {
            return Reply::json(['error' => 'Being repaired.'], 503);
        }
        if (! hash_equals('Bearer '.$this->token, $headers['authorization'] ?? '')) {
            return Reply::json(['error' => 'The token is not right.'], 401);
        }
        $input = $body === '' ? [] : (array) json_decode($body, true);

        return match (true) {
            $method === 'GET' && $path === '/api/projects' => Reply::json(['projects' => $this->store->read()->projects]),
            $method === 'GET' && preg_match('#^/api/projects/([A-Z]+)/changes$#', $path, $found) === 1 => Reply::json($this->changes($found[1], (int) $since)),
            $method === 'POST' && $path === '/api/times' => $this->record($input),
            in_array($method, ['PUT', 'DELETE'], true) && preg_match('#^/api/times/(\d+)$#', $path, $found) === 1 => $this->change((int) $found[1], $method === 'DELETE' ? ['minutes' => 0] + $input : $input, $headers['if-match'] ?? ''),
            default => Reply::json(['error' => 'There is nothing here.'], 404),
        };
    }

    /**
     * What has changed since a number: tasks as they are, and times, also those that are gone, which have no minutes.
     *
     * @return array{next: int, people: list<Member>, tasks: list<array<string, mixed>>, times: list<array<string, mixed>>}
     */
    private function changes(string $project, int $since): array
    {
        $data = $this->store->read();
        $tasks = array_filter($data->tasks, static fn (array $task): bool => $task['project'] === $project);
        $new = static fn (array $row): bool => $row['changed'] > $since;

        return [
            'next' => $data->count,
            'people' => $data->people,
            'tasks' => array_values(array_filter($tasks, $new)),
            'times' => array_values(array_filter($data->times, static fn (array $time): bool => $new($time) && isset($tasks[$time['task']]))),
        ];
    }

    /** @param  array<array-key, mixed>  $input */
    private function record(array $input): Reply
    {
        return $this->once($input, function (Data $data) use ($input): Reply {
            $task = $data->tasks[self::text($input, 'task')] ?? null;
            $person = $data->person(self::text($input, 'person'));
            if ($task === null || $person === null || $task['state'] === 'done' || preg_match('/^\d{4}-\d\d-\d\d$/', self::text($input, 'day')) !== 1 || ! is_int($input['minutes'] ?? null) || $input['minutes'] < 1) {
                return Reply::json(['error' => 'The task must be open, the person known, the day a day, and the minutes above 0.'], 422);
            }

            return Reply::json($data->addTime($task['key'], $person->login, self::text($input, 'day'), $input['minutes'], self::text($input, 'text')), 201);
        });
    }

    /** @param  array<array-key, mixed>  $input */
    private function change(int $id, array $input, string $seen): Reply
    {
        return $this->once($input, static function (Data $data) use ($id, $input, $seen): Reply {
            $time = $data->times[$id] ?? null;
            if ($time === null) {
                return Reply::json(['error' => 'There is no such time.'], 404);
            }
            if ((string) $time['version'] !== $seen) {
                return Reply::json($time, 412);
            }
            if (! is_int($input['minutes'] ?? null) || $input['minutes'] < 0) {
                return Reply::json(['error' => 'The minutes must not be below 0.'], 422);
            }

            return Reply::json($data->changeTime($id, $input['minutes'], isset($input['text']) ? self::text($input, 'text') : $time['text']));
        });
    }

    /**
     * Does what is asked under a reference once. Asked again it answers how the time is by then.
     *
     * @param  array<array-key, mixed>  $input
     * @param  callable(Data): Reply  $act
     */
    private function once(array $input, callable $act): Reply
    {
        $reference = self::text($input, 'reference');
        if ($reference === '') {
            return Reply::json(['error' => 'A reference is needed.'], 422);
        }

        return $this->store->change(static function (Data $data) use ($reference, $act): Reply {
            $known = $data->references[$reference] ?? null;
            if ($known !== null) {
                return Reply::json($data->times[$known]);
            }
            $reply = $act($data);
            if ($reply->status < 300) {
                $id = ((array) json_decode($reply->body, true))['id'] ?? 0;
                $data->references[$reference] = is_int($id) ? $id : 0;
            }

            return $reply;
        });
    }

    /** @param  array<array-key, mixed>  $input */
    private static function text(array $input, string $field): string
    {
        return is_string($input[$field] ?? null) ? $input[$field] : '';
    }
}
