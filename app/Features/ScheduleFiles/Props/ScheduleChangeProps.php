<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

/** What a schedule file says otherwise in one column. */
final readonly class ScheduleChangeProps
{
    /** @param  string  $column  as files have it; where it is hours, before and after are minutes */
    public function __construct(public string $column, public string $before, public string $after)
    {
    }
}
