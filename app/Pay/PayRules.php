<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayRule;
use Moss\Core\Calendar\Week;

/** Which pay rule holds for somebody in a week; in one query. */
final readonly class PayRules
{
    /** @param  list<PayRule>  $rules */
    private function __construct(private array $rules)
    {
    }

    public static function load(): self
    {
        return new self(array_values(PayRule::query()->orderBy('starts_on')->orderBy('id')->get()->all()));
    }

    public function isEmpty(): bool
    {
        return $this->rules === [];
    }

    /** Whether any of them counts days in a row on from the week before. */
    public function countAcrossWeeks(): bool
    {
        return array_filter($this->rules, static fn (PayRule $rule): bool => $rule->seventh_across_weeks) !== [];
    }

    /** Their own before their team's, and that before everybody's; of several the last that has begun. */
    public function for(int $person, ?int $team, Week $week): ?PayRule
    {
        $found = [];
        foreach ($this->rules as $rule) {
            if ($rule->starts_on !== null && $rule->starts_on->isAfter($week->sunday())) {
                continue;
            }
            $rank = match (true) {
                $rule->person_id !== null => $rule->person_id === $person ? 0 : null,
                $rule->team_id !== null => $rule->team_id === $team ? 1 : null,
                default => 2,
            };
            if ($rank !== null) {
                $found[$rank] = $rule;
            }
        }

        return $found[0] ?? $found[1] ?? $found[2] ?? null;
    }
}
