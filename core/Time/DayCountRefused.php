<?php

declare(strict_types=1);

namespace Moss\Core\Time;

use DomainException;
use Moss\Core\CoreError;

/** A text that cannot be read as a part of a day; carries the text, shortened, and the fault. */
final class DayCountRefused extends DomainException implements CoreError
{
    private function __construct(public readonly DayCountFault $fault, public readonly string $text)
    {
        parent::__construct(sprintf('Not a part of a day (%s): %s', $fault->value, $text));
    }

    public static function notDays(string $text): self
    {
        return self::because(DayCountFault::NotDays, $text);
    }

    public static function moreThanADay(string $text): self
    {
        return self::because(DayCountFault::MoreThanADay, $text);
    }

    public static function notTheUnit(string $text): self
    {
        return self::because(DayCountFault::NotTheUnit, $text);
    }

    private static function because(DayCountFault $fault, string $text): self
    {
        return new self($fault, mb_strimwidth(trim($text), 0, 40, '…', 'UTF-8'));
    }
}
