<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * What a rule looks at: the week or a day as a whole, single entries, or expenses. The latter two can be set for one project.
 */
enum RuleScope
{
    case Sheet;
    case Entries;
    case Expenses;
}
