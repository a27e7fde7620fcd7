<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

/** What spoke for a task. */
enum GuessReason: string
{
    case Code = 'code';
    case Habit = 'habit';
    case Guests = 'guests';
    case Words = 'words';
}
