<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * What minutes are paid as, where a rule says so.
 */
enum PayKind: string
{
    case Regular = 'regular';
    case Overtime = 'overtime';
    case Double = 'double';
    case Night = 'night';
    case Sunday = 'sunday';
    case Holiday = 'holiday';
}
