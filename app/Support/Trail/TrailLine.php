<?php

declare(strict_types=1);

namespace App\Support\Trail;

/** One act on an entry, for the trail. */
final readonly class TrailLine
{
    /**
     * @param  int|null  $onBehalfOf  whom a stand-in acted for
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function __construct(
        public string $act,
        public int $actor,
        public ?int $onBehalfOf,
        public int $person,
        public int $task,
        public string $date,
        public ?array $before,
        public ?array $after,
        public string $why = '',
    ) {
    }

    /** @return array<string, string|int|null> */
    public function attributes(): array
    {
        return [
            'act' => $this->act,
            'actor_id' => $this->actor,
            'on_behalf_of_id' => $this->onBehalfOf,
            'person_id' => $this->person,
            'task_id' => $this->task,
            'date' => $this->date,
            'before' => $this->before === null ? null : json_encode($this->before, JSON_THROW_ON_ERROR),
            'after' => $this->after === null ? null : json_encode($this->after, JSON_THROW_ON_ERROR),
            'why' => $this->why,
        ];
    }
}
