<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

/** How all checks went, and since when what is failing has not been seen at work. */
final readonly class HealthReport
{
    /**
     * @param  array<string, HealthState>  $states  by the name of the check
     * @param  array<string, string>  $lastSeen  UTC instants, by the name of the check; of what was never seen there is none
     */
    public function __construct(public array $states, public array $lastSeen)
    {
    }

    public function isWell(): bool
    {
        return $this->failing() === [];
    }

    /** @return list<HealthCheck> */
    public function failing(): array
    {
        return array_values(array_filter(HealthCheck::cases(), fn (HealthCheck $check): bool => ($this->states[$check->value] ?? null) === HealthState::Failing));
    }
}
