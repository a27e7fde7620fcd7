<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Props;

use Moss\Core\Time\HoursFormat;

/** One day of one person with what is pencilled for it. */
final readonly class DayReminderProps
{
    /**
     * @param  bool  $isUsed  whether the link has inked its day already; then nothing of the day is shown
     * @param  string  $address  of this page, which also inks
     * @param  list<DayReminderLineProps>  $lines
     */
    public function __construct(
        public string $name,
        public string $date,
        public string $week,
        public bool $isUsed,
        public int $expected,
        public int $entered,
        public int $pencilled,
        public array $lines,
        public string $address,
        public HoursFormat $format,
    ) {
    }
}
