<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;

/**
 * How a rule is set, for whom, and from which day on.
 */
final readonly class RuleSetting
{
    /**
     * @param  Day|null  $from  the first day that it holds for; null from the beginning
     * @param  string|null  $team  null for every team
     * @param  string|null  $project  null for every project
     */
    public function __construct(
        public HouseRule $rule,
        public Severity $severity,
        public Limit $limit,
        public ?Day $from = null,
        public ?string $team = null,
        public ?string $project = null,
    ) {
    }

    public function holdsFor(Day $day, ?string $team, ?string $project): bool
    {
        return ($this->from === null || ! $day->isBefore($this->from))
            && ($this->team === null || $this->team === $team)
            && ($this->project === null || $this->project === $project);
    }

    /** Whether this comes before the other where both hold: a project before a team before everybody, then the later. */
    public function comesBefore(self $other): bool
    {
        $rank = static fn (self $setting): array => [
            $setting->project === null ? 0 : 1,
            $setting->team === null ? 0 : 1,
            $setting->from?->toString() ?? '',
        ];

        return $rank($this) > $rank($other);
    }
}
