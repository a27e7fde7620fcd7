<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Planning\Holder;

/**
 * The figures of one holder on a task; no holder stands for its unassigned hours.
 */
final readonly class HolderFigures
{
    public function __construct(public ?Holder $holder, public Figures $figures)
    {
    }
}
