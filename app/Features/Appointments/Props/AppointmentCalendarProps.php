<?php

declare(strict_types=1);

namespace App\Features\Appointments\Props;

/** Where appointments come from. */
final readonly class AppointmentCalendarProps
{
    /**
     * @param  string|null  $address  null for a file
     * @param  string|null  $readAt  the UTC instant at which it was last read
     * @param  string|null  $failure  why it could not be, for people
     */
    public function __construct(public int $id, public string $name, public ?string $address, public bool $notesTitles, public ?string $readAt, public ?string $failure)
    {
    }
}
