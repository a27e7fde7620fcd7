<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

use App\Models\Tracker;
use App\Support\Network\OutsideAnswer;
use App\Support\Network\OutsideHttp;
use App\Support\Network\OutsideUnreachable;

/** Asks a task tracker in JSON over HTTP, as the one under `simulated/Tracker` answers it. */
final readonly class HttpTaskTracker implements TaskTracker
{
    private const LONGEST = 20_000_000;

    public function __construct(private OutsideHttp $http)
    {
    }

    public function projects(Tracker $tracker): array
    {
        $projects = [];
        foreach (self::rows($this->ask($tracker, 'GET', '/api/projects'), 'projects') as $row) {
            $projects[self::text($row, 'key')] = self::text($row, 'name');
        }

        return $projects;
    }

    public function changes(Tracker $tracker, string $project, int $since): ChangesThere
    {
        $answer = $this->ask($tracker, 'GET', '/api/projects/'.rawurlencode($project).'/changes?since='.$since);

        return new ChangesThere(
            self::number($answer, 'next'),
            array_map(static fn (array $row): MemberThere => new MemberThere(self::text($row, 'login'), self::text($row, 'name'), mb_strtolower(self::text($row, 'email'))), self::rows($answer, 'people')),
            array_map(static fn (array $row): TaskThere => new TaskThere(
                self::text($row, 'key'), self::text($row, 'title'), self::text($row, 'state'), array_values(array_filter((array) ($row['people'] ?? []), is_string(...))),
                self::number($row, 'minutes'), self::text($row, 'comment'), self::text($row, 'commentBy'), self::text($row, 'commentOn'),
            ), self::rows($answer, 'tasks')),
            array_map(self::time(...), self::rows($answer, 'times')),
        );
    }

    public function record(Tracker $tracker, string $reference, string $task, string $login, string $day, int $minutes, string $text): TimeThere
    {
        return self::time($this->ask($tracker, 'POST', '/api/times', ['reference' => $reference, 'task' => $task, 'person' => $login, 'day' => $day, 'minutes' => $minutes, 'text' => $text]));
    }

    public function change(Tracker $tracker, string $reference, int $id, int $version, int $minutes): TimeThere
    {
        return self::time($this->ask($tracker, $minutes === 0 ? 'DELETE' : 'PUT', '/api/times/'.$id, ['reference' => $reference] + ($minutes === 0 ? [] : ['minutes' => $minutes]), ['If-Match' => (string) $version]));
    }

    /**
     * @param  array<string, string|int>  $body
     * @param  array<string, string>  $headers
     * @return array<array-key, mixed>
     *
     * @throws TrackerFault
     */
    private function ask(Tracker $tracker, string $method, string $path, array $body = [], array $headers = []): array
    {
        try {
            $answer = $this->http->ask($method, rtrim($tracker->address, '/').$path, [
                'Authorization' => 'Bearer '.$tracker->token, 'Accept' => 'application/json', ...($body === [] ? [] : ['Content-Type' => 'application/json']), ...$headers,
            ], $body === [] ? '' : json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), self::LONGEST);
        } catch (OutsideUnreachable) {
            throw TrackerFault::of(TrackerFaultKind::Unreachable);
        }
        $told = json_decode($answer->body, true);
        $fault = self::fault($answer);
        if ($fault !== null || ! is_array($told)) {
            throw TrackerFault::of($fault ?? TrackerFaultKind::Unreachable, is_array($told) && is_string($told['error'] ?? null) ? $told['error'] : '');
        }

        return $told;
    }

    private static function fault(OutsideAnswer $answer): ?TrackerFaultKind
    {
        return match (true) {
            $answer->isSuccess() => null,
            in_array($answer->status, [401, 403], true) => TrackerFaultKind::TokenRefused,
            in_array($answer->status, [404, 410], true) => TrackerFaultKind::Gone,
            in_array($answer->status, [409, 412], true) => TrackerFaultKind::MovedOn,
            in_array($answer->status, [400, 422], true) => TrackerFaultKind::Refused,
            default => TrackerFaultKind::Unreachable,
        };
    }

    /** @param  array<array-key, mixed>  $row */
    private static function time(array $row): TimeThere
    {
        return new TimeThere(self::number($row, 'id'), self::text($row, 'task'), self::text($row, 'person'), self::text($row, 'day'), self::number($row, 'minutes'), self::text($row, 'text'), self::number($row, 'version'));
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $answer, string $field): array
    {
        return array_values(array_filter((array) ($answer[$field] ?? []), is_array(...)));
    }

    /** @param  array<array-key, mixed>  $row */
    private static function text(array $row, string $field): string
    {
        return is_string($row[$field] ?? null) ? mb_substr(mb_scrub($row[$field], 'UTF-8'), 0, 2000) : '';
    }

    /** @param  array<array-key, mixed>  $row */
    private static function number(array $row, string $field): int
    {
        return is_int($row[$field] ?? null) ? max(0, $row[$field]) : 0;
    }
}
