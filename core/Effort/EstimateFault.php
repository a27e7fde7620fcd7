<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** Why somebody's remaining estimate is not taken. */
enum EstimateFault: string
{
    /** Nobody has planned hours for the person on the task, nor for their team. */
    case NotAssigned = 'not_held';
    case NoReason = 'no_reason';
    /** The task was declared done as a whole; it has to be opened again first. */
    case TaskDone = 'task_done';
    /** Others have something left on a task, which only its project manager declares done over their heads. */
    case OthersHaveHours = 'others_have_left';
    /** As before, for the project manager: it needs their word that the others' rest is given up. */
    case NotConfirmed = 'not_confirmed';
}
