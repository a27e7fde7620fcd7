<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** What a schedule file makes of a part of the plan. */
enum ScheduleOutcome: string
{
    case Added = 'new';
    case Changed = 'changed';
    case Gone = 'gone';
    case Same = 'same';
}
