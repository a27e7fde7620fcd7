<?php

declare(strict_types=1);

namespace App\Features\Appointments\Props;

/** A person's calendars, and what there is to do about their appointments. */
final readonly class AppointmentsProps
{
    /**
     * @param  list<AppointmentCalendarProps>  $calendars
     * @param  list<UnplacedAppointmentProps>  $unplaced  around today, in order
     * @param  int  $pencilled  appointments that are pencilled and not inked
     * @param  list<PlaceProps>  $tasks  that they can be put on
     * @param  list<LeftOutSeriesProps>  $leftOut
     * @param  bool  $hasFeed  whether there is a private address of the person's own time
     * @param  string|null  $feed  the address, once: right after it was made
     */
    public function __construct(
        public array $calendars,
        public array $unplaced,
        public int $pencilled,
        public array $tasks,
        public array $leftOut,
        public string $week,
        public bool $hasFeed,
        public ?string $feed,
    ) {
    }
}
