<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

/** A task that a person may record on, with all that an appointment can be recognised by. */
final readonly class LikelyTask
{
    /**
     * @param  int  $id  returned with the guess
     * @param  int  $rank  among equals the lowest comes first: how long ago it was worked on
     * @param  list<string>  $contacts  email addresses of its client's people
     */
    public function __construct(
        public int $id,
        public string $project,
        public string $projectName,
        public string $task,
        public string $taskName,
        public ?string $chargeCode,
        public int $rank,
        public array $contacts = [],
    ) {
    }
}
