<?php

declare(strict_types=1);

namespace Moss\Core;

use Throwable;

/**
 * Marks every error that the core raises.
 *
 * Leaves carry the facts of the fault; the sentence for people is made outside the core.
 */
interface CoreError extends Throwable
{
}
