<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use DomainException;
use Moss\Core\CoreError;

/** A text that does not give hours for each of the seven weekdays. */
final class NotAWorkPattern extends DomainException implements CoreError
{
    private function __construct(public readonly string $text)
    {
        parent::__construct(sprintf('Not seven hours texts: %s', $text));
    }

    public static function text(string $text): self
    {
        return new self(mb_strimwidth($text, 0, 80, '…', 'UTF-8'));
    }
}
