<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use DomainException;
use Moss\Core\CoreError;

/** A text that names no day or no week of the calendar. */
final class NotADay extends DomainException implements CoreError
{
    private function __construct(public readonly string $text)
    {
        parent::__construct(sprintf('No such day or week: %s', $text));
    }

    public static function text(string $text): self
    {
        return new self(mb_strimwidth($text, 0, 40, '…', 'UTF-8'));
    }
}
