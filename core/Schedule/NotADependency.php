<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

use DomainException;
use Moss\Core\CoreError;

/** A text says no dependency. */
final class NotADependency extends DomainException implements CoreError
{
    public static function text(string $text): self
    {
        return new self('not a dependency: '.$text);
    }
}
