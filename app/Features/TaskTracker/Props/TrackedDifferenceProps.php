<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

/** Time that is not the same on both sides. */
final readonly class TrackedDifferenceProps
{
    /**
     * @param  int  $there  minutes that the task tracker has
     * @param  int  $here  minutes of it in the entry here
     * @param  bool  $isPencilled  whether it waits for the person to ink it
     * @param  string  $problem  why it is not brought over; empty where it is yet to be
     */
    public function __construct(public int $id, public string $person, public string $task, public string $date, public int $there, public int $here, public bool $isPencilled, public string $problem)
    {
    }
}
