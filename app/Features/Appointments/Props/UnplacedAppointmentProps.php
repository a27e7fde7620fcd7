<?php

declare(strict_types=1);

namespace App\Features\Appointments\Props;

/** An appointment for which no task could be guessed. */
final readonly class UnplacedAppointmentProps
{
    /**
     * @param  string  $title  empty where it is private
     * @param  int|null  $starts  minutes after midnight; null for whole days
     */
    public function __construct(public int $id, public string $title, public string $date, public ?int $starts, public ?int $ends)
    {
    }
}
