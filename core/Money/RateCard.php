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
    /**
     * @param  array<string, array<string, list<DatedRate>>>  $rates  by person, then role; latest first; the empty code stands for none
     * @param  list<Day>  $changes  the days on which any rate begins, in no order
     */
    private function __construct(private array $rates, private array $changes)
    {
    }

    /** @param  iterable<DatedRate>  $rates */
    public static function of(iterable $rates): self
    {
        $bySubject = [];
        $changes = [];
        foreach ($rates as $rate) {
            $changes[$rate->from->toString()] = $rate->from;
            $bySubject[$rate->person ?? ''][$rate->role ?? ''][] = $rate;
        }
        foreach ($bySubject as &$ofPerson) {
            foreach ($ofPerson as &$dated) {
                usort($dated, static fn (DatedRate $one, DatedRate $other): int => $one->from->daysUntil($other->from));
            }
        }

        return new self($bySubject, array_values($changes));
    }

    public function isEmpty(): bool
    {
        return $this->rates === [];
    }

    /** Which stretch between changes of rates a day lies in: on days of the same, every rate is the same. */
    public function stretchOf(Day $day): int
    {
        $stretch = 0;
        foreach ($this->changes as $change) {
            $stretch += $change->isAfter($day) ? 0 : 1;
        }

        return $stretch;
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
