<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Moss\Core\Calendar\Day;

/**
 * All rates of the organisation, found by person and role on a day.
 *
 * Looked up as (person, role), else person, else role; of each the latest that starts on or before the day.
 */
final readonly class RateCard
{
    /** @param  array<string, array<string, list<DatedRate>>>  $rates  by person, then role; latest first; the empty code stands for none */
    private function __construct(private array $rates)
    {
    }

    /** @param  iterable<DatedRate>  $rates */
    public static function of(iterable $rates): self
    {
        $bySubject = [];
        foreach ($rates as $rate) {
            $bySubject[$rate->person ?? ''][$rate->role ?? ''][] = $rate;
        }
        foreach ($bySubject as &$ofPerson) {
            foreach ($ofPerson as &$dated) {
                usort($dated, static fn (DatedRate $one, DatedRate $other): int => $one->from->daysUntil($other->from));
            }
        }

        return new self($bySubject);
    }

    public function isEmpty(): bool
    {
        return $this->rates === [];
    }

    public function inForce(?string $person, ?string $role, Day $on): ?DatedRate
    {
        $own = $this->rates[$person ?? ''] ?? [];

        return self::latest($own[$role ?? ''] ?? [], $on) ?? self::latest($own[''] ?? [], $on) ?? self::latest($this->rates[''][$role ?? ''] ?? [], $on);
    }

    /** @param  list<DatedRate>  $dated  latest first */
    private static function latest(array $dated, Day $on): ?DatedRate
    {
        foreach ($dated as $rate) {
            if (! $rate->from->isAfter($on)) {
                return $rate;
            }
        }

        return null;
    }
}
