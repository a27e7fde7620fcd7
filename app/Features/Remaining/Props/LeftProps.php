<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

/** What is left of a task, for whom a person's time on it falls. */
final readonly class LeftProps
{
    /**
     * @param  bool  $isRestated  somebody's word; otherwise what the rule pencils
     * @param  bool  $isTeam  the team's, not the person's alone
     * @param  bool  $isDone  said to be done, by whose it is or for all
     * @param  int|null  $asked  what the person says is left, while that waits for the project manager
     */
    public function __construct(
        public int $task,
        public int $planned,
        public int $entered,
        public int $left,
        public bool $isRestated,
        public bool $isTeam,
        public bool $isDone,
        public ?int $asked,
    ) {
    }
}
