<?php

declare(strict_types=1);

namespace App\Models;

/** What a program may do with a token, as far as the person whose token it is may do it. */
enum AccessRight: string
{
    case Read = 'read';

    /** Record, change and submit time. */
    case Record = 'record';

    /** Approve and return what waits for the person. */
    case Review = 'review';

    /** Create and change projects, and plan them. */
    case Plan = 'plan';

    /** Keep people, and take files in and out. */
    case Office = 'office';
}
