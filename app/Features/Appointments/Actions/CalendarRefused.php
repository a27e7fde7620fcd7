<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why nothing became of an act on calendars or appointments, for people. */
final class CalendarRefused extends RuntimeException
{
    private function __construct(string $sentence, public readonly string $field)
    {
        parent::__construct($sentence);
    }

    public static function because(string $key, string $field = 'address'): self
    {
        return new self(Wording::of('appointments.'.$key), $field);
    }

    public static function saying(string $sentence, string $field): self
    {
        return new self($sentence, $field);
    }
}
