<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

/** Files to and from scheduling programs, of one project. */
final readonly class SchedulePageProps
{
    /** @param  list<PushProps>  $pushes  of the plan as it is */
    public function __construct(public string $code, public string $name, public bool $mayPlan, public ?SentScheduleProps $sent, public array $pushes)
    {
    }
}
