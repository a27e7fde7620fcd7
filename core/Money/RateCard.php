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
    /** @param  array<string, list<DatedRate>>  $rates  by subject, latest first */
    private function __construct(private array $rates)
    {
    }

    /** @param  iterable<DatedRate>  $rates */
    public static function of(iterable $rates): self
    {
        $bySubject = [];
        foreach ($rates as $rate) {
            $bySubject[self::subject($rate->person, $rate->role)][] = $rate;
        }
        foreach ($bySubject as &$dated) {
            usort($dated, static fn (DatedRate $one, DatedRate $other): int => $one->from->daysUntil($other->from));
        }

        return new self($bySubject);
    }

    public function isEmpty(): bool
    {
        return $this->rates === [];
    }

    public function inForce(?string $person, ?string $role, Day $on): ?DatedRate
    {
        foreach ([[$person, $role], [$person, null], [null, $role]] as [$ofPerson, $ofRole]) {
            foreach ($this->rates[self::subject($ofPerson, $ofRole)] ?? [] as $rate) {
                if (! $rate->from->isAfter($on)) {
                    return $rate;
                }
            }
        }

        return null;
    }

    private static function subject(?string $person, ?string $role): string
    {
        // Codes hold no blank, so the key cannot be read two ways.
        return ($person ?? '').' '.($role ?? '');
    }
}
