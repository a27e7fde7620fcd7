<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use DomainException;
use Moss\Core\CoreError;

/** Days that cannot lie between two stretches of employment. */
final class NotEmploymentBreaks extends DomainException implements CoreError
{
    public static function text(string $text): self
    {
        return new self("“{$text}” names no breaks of employment");
    }
}
