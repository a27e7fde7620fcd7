<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

/** A project and its counterpart in a task tracker. */
final readonly class TrackerLinkProps
{
    /**
     * @param  string  $startsOn  from which day on time goes to and fro
     * @param  string|null  $succeededAt  UTC instant at which the two were last brought together
     * @param  string  $failure  why the last attempt failed; empty where it did not
     * @param  list<LinkedTaskProps>  $tasks
     * @param  list<UnknownPersonProps>  $unknown
     * @param  list<TrackedDifferenceProps>  $differences  at most 200, the newest days first
     */
    public function __construct(
        public string $tracker,
        public string $key,
        public string $startsOn,
        public bool $takesTasks,
        public ?string $succeededAt,
        public string $failure,
        public array $tasks,
        public array $unknown,
        public array $differences,
    ) {
    }
}
