<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * What the number that a rule is set with counts.
 */
enum LimitUnit: string
{
    case Minutes = 'minutes';
    case Days = 'days';
    case Characters = 'characters';
    /** Whole units of the organisation's currency. */
    case Money = 'money';
}
