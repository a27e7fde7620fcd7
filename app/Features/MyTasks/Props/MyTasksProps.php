<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Props;

/** What is a person's to do. */
final readonly class MyTasksProps
{
    /** @param  list<MyTaskProps>  $tasks  pinned ones first, then by when they are due */
    public function __construct(public string $today, public string $week, public array $tasks, public int $enteredToday, public int $expectedToday)
    {
    }
}
