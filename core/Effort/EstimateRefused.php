<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use DomainException;
use Moss\Core\CoreError;

/** A remaining estimate that is refused. */
final class EstimateRefused extends DomainException implements CoreError
{
    /** @param  list<AssigneeRemaining>  $others  those who have something left, where that is why */
    private function __construct(public readonly EstimateFault $fault, public readonly array $others)
    {
        parent::__construct('Remaining estimate refused: '.$fault->value);
    }

    public static function because(EstimateFault $fault): self
    {
        return new self($fault, []);
    }

    /** @param  list<AssigneeRemaining>  $others */
    public static function overOthers(EstimateFault $fault, array $others): self
    {
        return new self($fault, $others);
    }
}
