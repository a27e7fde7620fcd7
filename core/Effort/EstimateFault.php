<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** Why a remaining estimate is refused. */
enum EstimateFault: string
{
    /** Nobody has planned hours for the person on the task, nor for their team. */
    case NotAssigned = 'not_held';
    case NoReason = 'no_reason';
    /** The task was declared done as a whole; it has to be opened again first. */
    case TaskDone = 'task_done';
    /** Others have something left on a task, which only its project manager declares done over their heads. */
    case OthersHaveHours = 'others_have_left';
    /** As before, for the project manager: they have to confirm that the others' remaining hours are dropped. */
    case NotConfirmed = 'not_confirmed';
}
