<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** What becomes of a remaining estimate: it counts, it counts and the project manager is told, or it waits for the project manager. */
enum EstimateMode: string
{
    case Immediate = 'immediate';
    case WithNotice = 'notify';
    case AfterApproval = 'approve';
}
