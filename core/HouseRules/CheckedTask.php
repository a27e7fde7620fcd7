<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What the rules need to know about a task that somebody has recorded on.
 */
final readonly class CheckedTask
{
    /**
     * @param  bool  $isInternal  of a non-project kind
     * @param  Day|null  $doneOn  the last day of a task that is done
     * @param  bool  $isAssigned  to the person or to their team
     * @param  Minutes|null  $over  by how much more has been entered by its assignee than remained; null where it has no assignee
     * @param  bool  $budgetIsSpent  whether all that is entered costs more than the project's budget
     */
    public function __construct(
        public bool $isInternal = false,
        public bool $isClosed = false,
        public ?Day $doneOn = null,
        public ?Day $startsOn = null,
        public ?Day $endsOn = null,
        public bool $isAssigned = true,
        public ?Minutes $over = null,
        public bool $budgetIsSpent = false,
    ) {
    }
}
