<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

use App\Features\Learning\Queries\PastGrouping;

/** What finished tasks came to. */
final readonly class PastTasksProps
{
    /**
     * @param  int  $count  of finished tasks that had a plan
     * @param  SpreadProps|null  $whole  of all of them; null where they are too few
     * @param  list<PastGroupProps>  $groups  those furthest from their plans first
     * @param  int  $few  groups that are not shown, since they have too few cases
     * @param  string|null  $opened  name of a group whose tasks are shown; null for none
     * @param  list<PastTaskProps>  $tasks  of it, those furthest over their plans first
     * @param  int  $fewest  cases from which on something is said
     */
    public function __construct(public PastGrouping $by, public int $count, public ?SpreadProps $whole, public array $groups, public int $few, public int $fewest, public ?string $opened, public array $tasks)
    {
    }
}
