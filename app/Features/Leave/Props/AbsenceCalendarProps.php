<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use App\Lookup\Props\OptionProps;

/** Who is away in a month. */
final readonly class AbsenceCalendarProps
{
    /**
     * @param  string  $month  as `2026-06`
     * @param  OptionProps|null  $team  whose people are shown; null for the reader's own choice of people
     * @param  list<string>  $dates  of the month
     * @param  list<AbsenceRowProps>  $people  by name
     * @param  list<string>  $away  names of some of those away today
     * @param  int  $awayCount  how many are away today, also those on other pages
     */
    public function __construct(
        public string $month,
        public string $before,
        public string $after,
        public string $today,
        public ?OptionProps $team,
        public bool $choosesTeam,
        public array $dates,
        public array $people,
        public array $away,
        public int $awayCount,
        public int $count,
        public int $page,
        public int $pages,
        public bool $decidesForOthers,
    ) {
    }
}
