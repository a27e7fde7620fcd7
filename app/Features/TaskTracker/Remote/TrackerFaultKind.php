<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

/** The values are keys of sentences. */
enum TrackerFaultKind: string
{
    /** It does not answer, or not what was expected: nobody knows whether it was done. */
    case Unreachable = 'unreachable';
    case TokenRefused = 'token_refused';
    /** The time has changed there since it was seen. */
    case MovedOn = 'moved_on';
    case Gone = 'gone';
    case Refused = 'refused';
}
