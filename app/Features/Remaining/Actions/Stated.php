<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

/** What became of a word on what is left. */
enum Stated: string
{
    case Counts = 'counts';
    case Waits = 'waits';
}
