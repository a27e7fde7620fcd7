<?php

declare(strict_types=1);

namespace Moss\Core\Time;

use DomainException;
use Moss\Core\CoreError;

/** A text that cannot be read as hours; carries the text, shortened, and the fault. */
final class HoursTextRefused extends DomainException implements CoreError
{
    private function __construct(public readonly HoursTextFault $fault, public readonly string $text)
    {
        parent::__construct(sprintf('Not hours (%s): %s', $fault->value, $text));
    }

    public static function notHours(string $text): self
    {
        return self::because(HoursTextFault::NotHours, $text);
    }

    public static function negative(string $text): self
    {
        return self::because(HoursTextFault::Negative, $text);
    }

    public static function moreThanADay(string $text): self
    {
        return self::because(HoursTextFault::MoreThanADay, $text);
    }

    public static function tooLarge(string $text): self
    {
        return self::because(HoursTextFault::TooLarge, $text);
    }

    public static function minutesAbove59(string $text): self
    {
        return self::because(HoursTextFault::MinutesAbove59, $text);
    }

    private static function because(HoursTextFault $fault, string $text): self
    {
        return new self($fault, mb_strimwidth($text, 0, 40, '…', 'UTF-8'));
    }
}
