<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

use DomainException;
use Moss\Core\CoreError;
use Moss\Core\Time\HoursTextRefused;

/** A quick line that cannot be understood; carries the part at fault, shortened, which may be empty. */
final class QuickRefused extends DomainException implements CoreError
{
    private function __construct(public readonly QuickFault $fault, public readonly string $text, public readonly ?HoursTextRefused $hours)
    {
        parent::__construct(sprintf('Not understood (%s): %s', $fault->value, $text), 0, $hours);
    }

    public static function because(QuickFault $fault, string $text = ''): self
    {
        return new self($fault, mb_strimwidth($text, 0, 40, '…', 'UTF-8'), null);
    }

    public static function hours(HoursTextRefused $refused): self
    {
        return new self(QuickFault::WrongHours, $refused->text, $refused);
    }
}
