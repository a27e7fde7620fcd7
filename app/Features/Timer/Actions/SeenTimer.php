<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Person;
use App\Models\Timer;

/** The timer that an act is on, as it was seen by whoever acts. */
final readonly class SeenTimer
{
    public function __construct(private int $id, private int $version)
    {
    }

    /** @throws TimerRefused if it was stopped or changed elsewhere in the meantime */
    public function of(Person $person): Timer
    {
        $timer = Timer::query()->with('runs')->where('person_id', $person->id)->first();

        return match (true) {
            $timer === null, $timer->id !== $this->id => throw TimerRefused::because('gone'),
            $timer->version !== $this->version => throw TimerRefused::because('moved_on'),
            default => $timer,
        };
    }
}
