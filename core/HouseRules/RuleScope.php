<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * What a rule looks at: the week or a day as a whole, or single entries. Only the latter can be set for one project.
 */
enum RuleScope
{
    case Sheet;
    case Entries;
}
