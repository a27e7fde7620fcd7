<?php

declare(strict_types=1);

namespace App\Support\Files\Calendar;

use DateTimeImmutable;

/** One time of an event in a calendar file, from an instant to another. */
final readonly class TimedEvent
{
    /**
     * @param  string  $uid  the same in every file for the same time of the same event
     * @param  string  $series  the same for every time that it recurs
     * @param  string  $summary  empty where it is private
     * @param  list<string>  $guests  email addresses in small letters
     */
    public function __construct(
        public string $uid,
        public string $series,
        public string $summary,
        public bool $isPrivate,
        public DateTimeImmutable $starts,
        public DateTimeImmutable $ends,
        public bool $isAllDay,
        public array $guests = [],
    ) {
    }
}
