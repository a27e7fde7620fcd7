<?php

declare(strict_types=1);

namespace App\Models;

/** What a kind of absence counts as. */
enum AbsenceClass: string
{
    case Leave = 'leave';
    case Sickness = 'sickness';
    case Other = 'other';
}
