<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use DomainException;
use Moss\Core\CoreError;

/** A word on what is left that cannot be taken. */
final class RestatementRefused extends DomainException implements CoreError
{
    /** @param  list<HolderFigures>  $others  those who have something left, where that is why */
    private function __construct(public readonly RestatementFault $fault, public readonly array $others)
    {
        parent::__construct('Restatement refused: '.$fault->value);
    }

    public static function because(RestatementFault $fault): self
    {
        return new self($fault, []);
    }

    /** @param  list<HolderFigures>  $others */
    public static function overOthers(RestatementFault $fault, array $others): self
    {
        return new self($fault, $others);
    }
}
