<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** Tasks to add a line for, and the roles it could be in. */
final readonly class TaskOffersProps
{
    /**
     * @param  list<TaskOfferProps>  $tasks  the best first
     * @param  int  $more  how many there are beyond those
     * @param  list<RoleProps>  $roles
     */
    public function __construct(public array $tasks, public int $more, public array $roles)
    {
    }
}
