<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

/** What is known of an appointment that can tell its task. */
final readonly class Appointment
{
    /**
     * @param  string  $title  empty where it is private
     * @param  string  $series  the same for every time that it recurs
     * @param  list<string>  $guests  email addresses of whoever is invited
     */
    public function __construct(public string $title, public string $series, public array $guests)
    {
    }
}
