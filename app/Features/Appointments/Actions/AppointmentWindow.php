<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use DateTimeImmutable;

/** Between which instants appointments are read: what was and can still be recorded, and what the next weeks bring. */
final readonly class AppointmentWindow
{
    public const INSTANT = 'Y-m-d\TH:i:s\Z';

    private const DAYS_BACK = 28;

    private const DAYS_AHEAD = 28;

    private function __construct(public DateTimeImmutable $from, public DateTimeImmutable $to)
    {
    }

    public static function around(DateTimeImmutable $now): self
    {
        return new self($now->modify('-'.self::DAYS_BACK.' days')->setTime(0, 0), $now->modify('+'.self::DAYS_AHEAD.' days')->setTime(0, 0));
    }
}
