<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** What becomes of a restatement: it counts, it counts and the project manager is told, or it waits for the project manager. */
enum RestatementMode: string
{
    case AtOnce = 'immediate';
    case Told = 'notify';
    case Asked = 'approve';
}
