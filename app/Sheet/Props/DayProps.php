<?php

declare(strict_types=1);

namespace App\Sheet\Props;

/** One day of the week and what it asks of the person. */
final readonly class DayProps
{
    /**
     * @param  int|null  $expected  minutes that are expected; null where the reader may not see that
     * @param  bool  $isWorkingDay  whether the work pattern has time on it, holiday or not
     * @param  list<AbsenceProps>  $absences
     */
    public function __construct(
        public string $date,
        public ?int $expected,
        public bool $isWorkingDay,
        public bool $isToday,
        public ?string $holiday,
        public array $absences,
    ) {
    }
}
