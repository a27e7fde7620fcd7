<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use DomainException;
use Moss\Core\CoreError;

/** An act that an entry's state or the actor's standing does not allow. */
final class ActRefused extends DomainException implements CoreError
{
    private function __construct(public readonly Refusal $refusal)
    {
        parent::__construct(sprintf('Refused: %s', $refusal->value));
    }

    public static function because(Refusal $refusal): self
    {
        return new self($refusal);
    }
}
