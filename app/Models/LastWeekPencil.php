<?php

declare(strict_types=1);

namespace App\Models;

/** What a person wants pencilled in from the week before. */
enum LastWeekPencil: string
{
    case Off = 'off';
    case Lines = 'lines';
    case Hours = 'hours';
}
