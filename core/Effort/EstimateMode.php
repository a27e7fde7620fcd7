<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** How a remaining estimate takes effect: immediately, with notice to the project manager, or after their approval. */
enum EstimateMode: string
{
    case Immediate = 'immediate';
    case WithNotice = 'notify';
    case AfterApproval = 'approve';
}
