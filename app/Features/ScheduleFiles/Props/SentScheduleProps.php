<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

/** The file that is being compared with the plan. */
final readonly class SentScheduleProps
{
    /**
     * @param  string  $receivedAt  UTC instant
     * @param  list<ScheduleDifferenceProps>  $differences  but for what is the same
     * @param  int  $same  how much is the same
     * @param  list<ScheduleFaultProps>  $faults  at most 100
     * @param  list<string>  $unknown  headings that mean nothing
     * @param  list<PushProps>  $pushes  what it pushes, taken as a whole
     */
    public function __construct(public string $name, public string $by, public string $receivedAt, public array $differences, public int $same, public array $faults, public array $unknown, public array $pushes)
    {
    }
}
