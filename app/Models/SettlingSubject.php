<?php

declare(strict_types=1);

namespace App\Models;

/** What a closing settles. */
enum SettlingSubject: string
{
    case Entries = 'entries';
    case Expenses = 'expenses';
}
