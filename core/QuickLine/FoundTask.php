<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

/**
 * A task that some words fit, and how well; only to be compared with others found by the same words.
 */
final readonly class FoundTask
{
    public function __construct(public KnownTask $task, public int $fit)
    {
    }
}
