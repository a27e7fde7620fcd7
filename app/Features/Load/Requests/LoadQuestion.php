<?php

declare(strict_types=1);

namespace App\Features\Load\Requests;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Time\Minutes;

/** Whose load is looked at, over which days. */
final readonly class LoadQuestion
{
    /**
     * @param  LoadUnit  $unit  what stands in a column
     * @param  'over'|'free'|'name'  $sort
     * @param  list<string>  $people  codes, like those below; none for all that one may look at
     * @param  list<string>  $teams
     * @param  list<string>  $roles  usual ones
     * @param  Minutes|null  $needed  for which somebody is sought
     * @param  string|null  $opened  code of a person
     * @param  positive-int  $page
     */
    public function __construct(
        public LoadUnit $unit,
        public DayRange $days,
        public string $sort,
        public array $people,
        public array $teams,
        public array $roles,
        public ?Minutes $needed,
        public ?string $opened,
        public int $page,
    ) {
    }

    /** @return non-empty-list<DayRange> the columns */
    public function ranges(): array
    {
        $ranges = [];
        $first = $this->days->first();
        do {
            $last = $this->unit === LoadUnit::Day ? $first : Day::earlier(PeriodUnit::Week->days($first)->last(), $this->days->last());
            $ranges[] = DayRange::between($first, $last);
            $first = $last->plusDays(1);
        } while (! $first->isAfter($this->days->last()));

        return $ranges;
    }
}
