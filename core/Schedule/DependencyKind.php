<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** What of a task waits for what of another; the values are those that schedules are written with. */
enum DependencyKind: string
{
    case FinishToStart = 'FS';
    case StartToStart = 'SS';
    case FinishToFinish = 'FF';
    case StartToFinish = 'SF';
}
