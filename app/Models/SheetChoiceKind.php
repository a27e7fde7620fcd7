<?php

declare(strict_types=1);

namespace App\Models;

/** What a person chose about a line or a cell of one week, beside what is recorded there. */
enum SheetChoiceKind: string
{
    case Added = 'added';
    case Removed = 'removed';
    case RubbedOut = 'rubbed out';
}
