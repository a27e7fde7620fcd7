<?php

declare(strict_types=1);

namespace App\Features\People\Props;

use App\Lookup\Props\OptionProps;

/** What somebody would leave behind. */
final readonly class ResponsibilitiesProps
{
    /**
     * @param  int  $openWeeks  of theirs, with time that is not submitted or was returned
     * @param  int  $openExpenses  of theirs, not submitted or returned
     * @param  int  $entries  that wait for their decision, as do the next four
     * @param  int  $standIns  stretches in which they stand in for others
     * @param  int  $plannedAfter  minutes planned for them after their last day, or from today on where none is set
     * @param  list<OptionProps>  $projects  open ones that they manage
     * @param  list<OptionProps>  $teams  that they lead
     * @param  list<OptionProps>  $reports  people whose line manager they are
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $endsOn,
        public int $openWeeks,
        public int $openExpenses,
        public int $entries,
        public int $corrections,
        public int $expenses,
        public int $estimates,
        public int $leave,
        public int $standIns,
        public int $plannedAfter,
        public array $projects,
        public array $teams,
        public array $reports,
    ) {
    }
}
