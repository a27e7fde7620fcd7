<?php

declare(strict_types=1);

namespace App\Models;

/** With whom a saved comparison is shared. */
enum Sharing: string
{
    case Nobody = 'nobody';
    /** With people or teams that are named. */
    case Some = 'some';
    case Everybody = 'everybody';
}
